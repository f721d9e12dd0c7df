import { Box, chakra, Text } from '@chakra-ui/react';
import { withArticle } from '../kit/format';
import { valueIn } from '../kit/style/read';
import { handful, handfulMass } from '../kit/style/units';
import { packPath } from './packs';
import type { MaterialDraft } from './materialDraft';

const Svg = chakra('svg');

/** The pack as it will stand in the store, with what it says on it. */
export function PackPicture({ draft }: { draft: MaterialDraft }) {
  const bulk = valueIn(draft.bulk, 'density');
  const pack = draft.pack.trim();
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
          d={packPath(pack)}
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
          a {handful().word} of it, loose, is {handfulMass(bulk)}
        </Text>
      )}
    </Box>
  );
}
