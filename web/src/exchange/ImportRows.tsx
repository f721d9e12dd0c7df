import { Box, Flex, Text } from '@chakra-ui/react';
import { type Schemas } from '../api/client';
import { Wrong } from '../kit/Wrong';

type View = Schemas['ImportView'];

const WORDS: Record<View['rows'][number]['what'], string> = {
  fresh: 'new',
  changed: 'changed',
  same: 'as it is',
  refused: 'cannot be taken',
};

/** A logger's table has thousands of rows; the first ones show whether it was read right. */
const MOST_ROWS = 200;

/** What a table would do, or did, row by row. */
export function ImportRows({ view, error }: { view: View | undefined; error: unknown }) {
  const shown = view?.rows.slice(0, MOST_ROWS);
  return (
    <Box aria-live="polite" mt={3}>
      <Wrong error={error} />
      {view && (
        <Text fontWeight={600}>
          {view.applied ? 'Done: ' : 'This would be: '}
          {view.fresh} new, {view.changed} changed, {view.same} as they are
          {view.refused > 0 && `, ${view.refused} that cannot be taken, so none would be`}.
        </Text>
      )}
      {view && view.rows.length > MOST_ROWS && (
        <Text color="quiet">
          The first {MOST_ROWS} of {view.rows.length} rows:
        </Text>
      )}
      {shown?.map((row) => (
        <Flex key={row.number} gap={4} py={1} borderBottom="1px solid" borderColor="rule">
          <Text w="50px" color="quiet">
            {row.number}
          </Text>
          <Text w="220px" fontWeight={600} truncate>
            {row.name}
          </Text>
          <Text color={row.what === 'refused' ? 'oxide' : 'quiet'} w="130px" flexShrink={0}>
            {WORDS[row.what]}
          </Text>
          <Text color="oxide">{row.errors.map((e) => e.message).join(' ')}</Text>
        </Flex>
      ))}
    </Box>
  );
}
