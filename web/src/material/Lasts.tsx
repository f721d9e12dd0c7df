import { Box, chakra } from '@chakra-ui/react';
import type { Need } from '../server/useNeeds';
import { day } from '../kit/style/time';

const Svg = chakra('svg');
const WIDTH = 560;
const HEIGHT = 46;

/** The band to the right of the plumb line: how long it lasts at the plan's pace. */
export function Lasts({ need }: { need: Need }) {
  const { leftKg: left, outInWeeks: out } = need.lasting;
  const most = Math.max(...left, 1e-6);
  const weeks = left.length - 1;
  const x = (week: number) => (week / weeks) * WIDTH;
  const y = (kg: number) => HEIGHT - (Math.max(0, kg) / most) * (HEIGHT - 8);
  const points = left
    .map((kg, week) => [week, kg] as const)
    .filter(([week]) => out === undefined || week <= out);
  const last = out ?? weeks;
  const order = need.purchases[0];
  return (
    <Box position="relative">
      <Svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        w="100%"
        h="46px"
        preserveAspectRatio="none"
        role="img"
        aria-label={
          out === undefined
            ? `${need.material} lasts for all that is planned`
            : `${need.material} runs out in ${Math.floor(out)} weeks`
        }
      >
        <path
          d={`M0 ${HEIGHT}${points.map(([w, kg]) => `L${x(w)} ${y(kg)}`).join('')}L${x(last)} ${HEIGHT}Z`}
          fill={out === undefined ? 'var(--chakra-colors-rule)' : 'var(--chakra-colors-oxide)'}
          opacity={out === undefined ? 1 : 0.3}
        />
      </Svg>
      {out !== undefined && (
        <Box
          aria-hidden
          position="absolute"
          bottom="-2px"
          w="10px"
          h="10px"
          borderRadius="full"
          bg="oxide"
          style={{ left: `calc(${(100 * out) / weeks}% - 5px)` }}
        />
      )}
      {order && (
        <Box
          position="absolute"
          top="2px"
          right={0}
          bg="ground"
          px={1}
          color={order.late ? 'oxide' : 'ink'}
          fontWeight={600}
          textStyle="small"
        >
          {order.late ? 'order now' : `order by ${day(order.orderBy)}`}
        </Box>
      )}
    </Box>
  );
}
