import { Box, Flex, Text } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { plural } from '../kit/format';
import { day } from '../kit/style/time';
import type { PromiseView } from '../server/usePromise';
import { money } from '../kit/style/money';

const DAY_MS = 86_400_000;

/** The date that can be given, what binds it, and what more copies of the mould would do. */
export function PromisePanel({
  promise,
  children,
}: {
  promise: PromiseView;
  children?: ReactNode;
}) {
  return (
    <Box as="section" aria-label="Promise" borderTop="4px solid" borderColor="steel" pt={4}>
      <Flex gap={5} alignItems="flex-end" wrap="wrap">
        <Box>
          <Text textStyle="small" color="quiet">
            can be promised for; kept in 9 of 10 weeks
          </Text>
          <Text textStyle="figure">{day(promise.nineOfTen)}</Text>
        </Box>
        {children}
      </Flex>
      <Text mt={2} maxW="620px">
        The plan has it ready on {day(promise.date)}. {promise.bound} Nobody else gets later for it.
      </Text>
      {promise.curve.length > 1 &&
        (isSoonerWithMore(promise) ? (
          <Curve promise={promise} />
        ) : (
          <Text>More copies of the {promise.mould} mould would not have it ready sooner.</Text>
        ))}
    </Box>
  );
}

function isSoonerWithMore({ curve }: PromiseView): boolean {
  return curve.some((c) => c.date < (curve[0]?.date ?? ''));
}

/** The date against copies, as so many days sooner; the price of a copy beside it. */
function Curve({ promise }: { promise: PromiseView }) {
  const days = promise.curve.map((c) => Date.parse(c.date) / DAY_MS);
  const first = days[0] ?? 0;
  const soonest = Math.min(...days);
  const now = Date.parse(promise.curve[0]?.date ?? '') / DAY_MS;
  const most = Math.max(1, now - soonest + 1);
  return (
    <Box mt={4} maxW="620px">
      <Text textStyle="name">
        With more copies of the {promise.mould} mould
        {promise.copyPrice ? `, ${money(promise.copyPrice)} each` : ''}
      </Text>
      {promise.curve.map((c, i) => {
        const sooner = Math.round(first - (days[i] ?? first));
        return (
          <Flex key={c.copies} alignItems="center" gap={3} py={1}>
            <Text w="84px" flexShrink={0} fontWeight={600}>
              {plural(c.copies, 'copy')}
            </Text>
            <Box flex={1} h="14px" bg="rule" aria-hidden>
              <Box
                h="100%"
                bg={i === 0 ? 'steel' : 'bath'}
                style={{ width: `${(100 * (most - sooner)) / most}%` }}
              />
            </Box>
            <Text w="110px" flexShrink={0}>
              {day(c.date)}
            </Text>
            <Text w="110px" flexShrink={0} textStyle="small" color="quiet">
              {i === 0 ? 'as it is' : sooner > 0 ? `${plural(sooner, 'day')} sooner` : 'no sooner'}
            </Text>
          </Flex>
        );
      })}
    </Box>
  );
}
