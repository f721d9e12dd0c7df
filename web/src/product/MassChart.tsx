import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { Link } from '../kit/Link';
import { mass } from '../kit/style/units';
import type { Schemas } from '../api/client';
import type { ProductSheet } from '../server/useProducts';

type Signal = Schemas['Signal'];

const Svg = chakra('svg');
const WIDTH = 720;
const HEIGHT = 90;

const RULES: Record<Signal['rule'], string> = {
  beyondLimits: 'is beyond what chance does',
  twoOfThree: 'is the second of three far out on one side',
  fourOfFive: 'is the fourth of five out on one side',
  eightOnOneSide: 'is the eighth in a row on one side of the mean',
};

/**
 * The masses of the last pieces as dots, those out of tolerance or scrapped marked; the limits of
 * what they vary by chance, and what chance would hardly do.
 */
export function MassChart({ sheet }: { sheet: ProductSheet }) {
  const masses = sheet.masses.map((m) => Number(m.massKg));
  if (masses.length < 2) {
    return null;
  }
  const target = sheet.product.target;
  const centre = target?.massKg ?? masses.reduce((a, b) => a + b, 0) / masses.length;
  const tolerance = target && (target.toleranceKg ?? 0) > 0 ? target.toleranceKg : undefined;
  const control = sheet.weights;
  const limits = control ? [control.lowKg, control.highKg] : [];
  const reach =
    Math.max(
      ...[...masses, ...limits].map((m) => Math.abs(m - centre)),
      (tolerance ?? 0) * 1.2,
      0.001,
    ) * 1.15;
  const odd = new Set(control?.signals.map((s) => s.at));
  const last = control?.signals.at(-1);
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
        <Link className="plain-link" to={`/products/${sheet.card.id}/sets`}>
          pairs and sets
        </Link>
      </Flex>
      <Svg
        viewBox={`0 -8 ${WIDTH} ${HEIGHT + 16}`}
        w="100%"
        h="110px"
        role="img"
        aria-label={`Masses of the last ${masses.length} pieces`}
      >
        <path d={`M0 ${HEIGHT / 2}H${WIDTH}`} stroke="var(--chakra-colors-rule)" />
        {limits.map((kg) => (
          <path key={kg} d={`M0 ${y(kg)}H${WIDTH}`} stroke="var(--chakra-colors-rule)" />
        ))}
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
            stroke={odd.has(i) ? 'var(--chakra-colors-ochre)' : 'none'}
            strokeWidth={3}
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
      {control && (
        <Text textStyle="small" color={last ? 'ochre' : 'quiet'}>
          {last
            ? `Piece ${sheet.masses[last.at]?.pieceId} ${RULES[last.rule]}: something has changed. Look at mix, water and filling of that day.`
            : `By chance they vary from ${mass(control.lowKg)} to ${mass(control.highKg)} (individuals and moving range): nothing stands out.`}
        </Text>
      )}
    </Box>
  );
}
