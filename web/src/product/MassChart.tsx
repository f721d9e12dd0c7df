import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { mass } from '../kit/style/units';
import type { ProductSheet } from './useProducts';

const Svg = chakra('svg');
const WIDTH = 720;
const HEIGHT = 90;

/** The masses of the last pieces as dots, those out of tolerance or scrapped marked. */
export function MassChart({ sheet }: { sheet: ProductSheet }) {
  const masses = sheet.masses.map((m) => Number(m.massKg));
  if (masses.length < 2) {
    return null;
  }
  const target = sheet.product.target;
  const centre = target?.massKg ?? masses.reduce((a, b) => a + b, 0) / masses.length;
  const tolerance = target && (target.toleranceKg ?? 0) > 0 ? target.toleranceKg : undefined;
  const reach =
    Math.max(...masses.map((m) => Math.abs(m - centre)), (tolerance ?? 0) * 1.2, 0.001) * 1.15;
  const y = (kg: number) => HEIGHT / 2 - ((kg - centre) / reach) * (HEIGHT / 2);
  const off = (kg: number) => tolerance !== undefined && Math.abs(kg - centre) > tolerance;
  const within = masses.filter((m) => !off(m)).length;
  return (
    <Box as="section" aria-label="Masses" mt={5}>
      <Flex gap={4} alignItems="baseline">
        <Text as="h2" textStyle="name">
          Mass of the last {masses.length}
        </Text>
        <Text color="quiet">
          {mass(Math.min(...masses))} to {mass(Math.max(...masses))}
          {tolerance !== undefined && `; ${within} of ${masses.length} within tolerance`}
        </Text>
      </Flex>
      <Svg
        viewBox={`0 -8 ${WIDTH} ${HEIGHT + 16}`}
        w="100%"
        h="110px"
        role="img"
        aria-label={`Masses of the last ${masses.length} pieces`}
      >
        <path d={`M0 ${HEIGHT / 2}H${WIDTH}`} stroke="var(--chakra-colors-rule)" />
        {tolerance !== undefined &&
          [centre - tolerance, centre + tolerance].map((kg) => (
            <path
              key={kg}
              d={`M0 ${y(kg)}H${WIDTH}`}
              stroke="var(--chakra-colors-quiet)"
              strokeDasharray="4 4"
            />
          ))}
        {sheet.masses.map((m, i) => (
          <circle
            key={m.pieceId}
            cx={((i + 0.5) / masses.length) * WIDTH}
            cy={y(Number(m.massKg))}
            r={off(Number(m.massKg)) || m.scrapReason ? 6 : 4}
            fill={
              off(Number(m.massKg)) || m.scrapReason
                ? 'var(--chakra-colors-oxide)'
                : 'var(--chakra-colors-steel)'
            }
          >
            <title>{`piece ${m.pieceId}: ${mass(Number(m.massKg))}${m.scrapReason ? `, ${m.scrapReason}` : ''}`}</title>
          </circle>
        ))}
      </Svg>
    </Box>
  );
}
