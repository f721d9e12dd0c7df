import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { Choice } from '../kit/Choice';
import { amount, plural } from '../kit/format';
import { mass } from '../kit/style/units';
import { SmallSection } from '../kit/SmallSection';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import { useKinds } from '../server/useMoulds';
import type { Answers } from './useProductDraft';

const MOST_DRAWN = 24;
const MOST_COPIES = 200;

/** How many moulds there are, and what they are made of. */
export function CopiesStep({ draft, change, shape, preview }: Answers) {
  const { data: kinds } = useKinds();
  const typed = amount(draft.copies) ?? 0;
  const count = Number.isInteger(typed) && typed > 0 && typed <= MOST_COPIES ? typed : 0;
  const kind = draft.kind || shape?.kind || '';
  const chosen = kinds?.find((k) => k.kind.code === kind);
  const section = preview.data?.moulds[0]?.sum.section ?? shape?.section;
  const set = (n: number) => change({ copies: String(Math.max(1, n)) });
  return (
    <Grid templateColumns={{ base: '1fr', lg: '360px 1fr' }} columnGap={9}>
      <Box>
        <Flex gap={3} alignItems="flex-start">
          <Box w="130px">
            <TextField
              label="moulds of it"
              text={draft.copies}
              onText={(copies) => change({ copies })}
              problem={count < 1 ? `Give a whole number from 1 to ${MOST_COPIES}.` : undefined}
            />
          </Box>
          <Flex pt="21px" gap={2}>
            <Key onClick={() => set(count - 1)}>−</Key>
            <Key onClick={() => set(count + 1)}>+</Key>
          </Flex>
        </Flex>
        <Choice
          label="made of"
          value={kind}
          options={(kinds ?? []).map((k) => [k.kind.code, k.kind.name] as const)}
          onValue={(next) => change({ kind: next === shape?.kind ? '' : next })}
        />
        {chosen && (
          <Text color="quiet">
            Lasts about {plural(chosen.expected.casts, 'cast')} (common practice, until your own
            counts say better).
            {chosen.kind.release.length > 0
              ? ` Release: ${chosen.kind.release.join(', ')}.`
              : ' No release agent goes on it.'}
          </Text>
        )}
      </Box>
      <Box>
        <Flex wrap="wrap" gap={3} borderBottom="5px solid" borderColor="steel" minH="110px" pb={1}>
          {section &&
            Array.from({ length: Math.min(count, MOST_DRAWN) }, (_, i) => (
              <Box key={i} aria-hidden w="76px" h="86px" alignSelf="flex-end">
                <SmallSection
                  section={section}
                  filled={false}
                  swatch="var(--chakra-colors-rule)"
                  title=""
                />
              </Box>
            ))}
        </Flex>
        {preview.data && count > 0 && (
          <Text mt={3} fontSize="18px">
            {plural(count, 'mould')} at once {count === 1 ? 'takes' : 'take'}{' '}
            <b>{mass(preview.data.atOnceFreshKg)}</b> of wet mix,{' '}
            <b>{mass(preview.data.atOnceDryMixKg)}</b> of it dry.
          </Text>
        )}
      </Box>
    </Grid>
  );
}
