import { Box, Flex, Text } from '@chakra-ui/react';
import { plural } from '../kit/format';
import { money } from '../kit/style/money';
import type { ProductSheet } from '../server/useProducts';

const PARTS = [
  ['materials', 'materials', 'steel'],
  ['mouldWear', 'mould wear', 'quiet'],
  ['goods', 'goods', 'bath'],
  ['labour', 'hands', 'ochre'],
  ['scrap', 'scrap', 'oxide'],
] as const;

/** Money as one bar: what each part of the price is for, and what is left. */
export function CostBar({ sheet }: { sheet: ProductSheet }) {
  const { cost, card } = sheet;
  if (card.price === undefined) {
    return null;
  }
  const total = cost ? PARTS.reduce((sum, [part]) => sum + Number(cost[part]), 0) : undefined;
  const left = total === undefined ? undefined : card.price - total;
  const whole = Math.max(card.price, total ?? 0, 0.01);
  return (
    <Box as="section" aria-label="Money">
      <Flex gap={8} alignItems="baseline" wrap="wrap">
        <Figure value={money(card.price)} what="price" />
        <Figure value={total === undefined ? '–' : money(total)} what="to make" />
        {left !== undefined && (
          <Figure
            value={money(left)}
            what={`left${card.price > 0 ? `, ${Math.round((100 * left) / card.price)} %` : ''}`}
            colour={left < 0 ? 'oxide' : 'moss'}
          />
        )}
      </Flex>
      <Flex h="32px" mt={2} bg="panel" border="1px solid" borderColor="rule" aria-hidden>
        {cost &&
          PARTS.map(([part, , colour]) => (
            <Box
              key={part}
              bg={colour}
              opacity={0.75}
              borderRight="2px solid"
              borderColor="ground"
              style={{ width: `${(100 * Number(cost[part])) / whole}%` }}
            />
          ))}
      </Flex>
      <Text textStyle="small" color="quiet" mt={1}>
        {cost
          ? PARTS.filter(([part]) => Number(cost[part]) > 0)
              .map(([part, words]) => `${words} ${money(cost[part])}`)
              .join(' · ')
          : `Without a price of ${sheet.lackPrice.join(', ')} it cannot be said what it costs.`}
        {cost &&
          (sheet.madePieces > 0
            ? ` · from ${plural(sheet.madePieces, 'piece')}`
            : ' · reckoned from recipe and route')}
      </Text>
    </Box>
  );
}

function Figure({ value, what, colour = 'ink' }: { value: string; what: string; colour?: string }) {
  return (
    <Flex gap={3} alignItems="baseline">
      <Text textStyle="figure" fontSize="36px" color={colour}>
        {value}
      </Text>
      <Text color="quiet">{what}</Text>
    </Flex>
  );
}
