import { Box, chakra, Text } from '@chakra-ui/react';
import { withArticle } from '../kit/format';
import { valueIn } from '../kit/style/read';
import { handful, mass } from '../kit/style/units';
import type { MaterialDraft } from './materialDraft';

const Svg = chakra('svg');

/** The shapes that things are sold in, by the word for it. */
const BOTTLE = /bottle|jug|can|tin|jar/i;
const PAIL = /pail|bucket|tub|drum/i;
const BOX = /box|carton|bale|roll|piece/i;

function path(pack: string): string {
  if (BOTTLE.test(pack)) {
    return 'M38 8h24v16l10 16v72H28V40l10-16z';
  }
  if (PAIL.test(pack)) {
    return 'M18 22h64l-8 90H26z';
  }
  if (BOX.test(pack)) {
    return 'M16 36h68v76H16zM16 36l12-14h60l-4 14';
  }
  return 'M20 20q30 10 60 0l4 44-4 48q-30-8-60 0l-4-48z';
}

/** The pack as it will stand in the store, with what it says on it. */
export function PackPicture({ draft }: { draft: MaterialDraft }) {
  const bulk = valueIn(draft.bulk, 'density');
  const pack = draft.pack.trim();
  const { litres, word } = handful();
  return (
    <Box textAlign="center">
      <Svg
        viewBox="0 0 100 122"
        h="230px"
        mx="auto"
        role="img"
        aria-label={pack === '' ? 'sold loose' : withArticle(pack)}
      >
        <path
          d={path(pack)}
          fill="var(--chakra-colors-panel)"
          stroke="currentColor"
          strokeWidth="2"
          strokeLinejoin="round"
        />
        <path d="M4 116H96" stroke="var(--chakra-colors-steel)" strokeWidth="5" />
      </Svg>
      <Text textStyle="label" fontSize="20px">
        {draft.name || 'A material'}
      </Text>
      <Text color="quiet">{pack === '' ? 'sold loose' : pack}</Text>
      {bulk !== undefined && bulk > 0 && (
        <Text color="quiet">
          a {word} of it, loose, is {mass((bulk * litres) / 1000)}
        </Text>
      )}
    </Box>
  );
}
