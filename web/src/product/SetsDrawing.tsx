import { chakra } from '@chakra-ui/react';
import { mass } from '../kit/style/units';
import type { Schemas } from '../api/client';

const Svg = chakra('svg');
const WIDTH = 1000;
const HEIGHT = 120;
const LINE = 70;

type Matching = Schemas['Matching'];

interface Props {
  matching: Matching;
  swatchOf: (shade: string) => string;
}

/** Pieces on a line of mass, those that go together under one bar. */
export function SetsDrawing({ matching, swatchOf }: Props) {
  const all = [...matching.sets.flatMap((s) => s.items), ...matching.left];
  const masses = all.map((p) => p.massKg);
  const low = Math.min(...masses);
  const span = Math.max(Math.max(...masses) - low, 0.001);
  const x = (kg: number) => 40 + ((kg - low) / span) * (WIDTH - 80);
  return (
    <Svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      w="100%"
      role="img"
      aria-label={`${all.length} pieces by mass, ${mass(low)} to ${mass(Math.max(...masses))}`}
    >
      <path d={`M20 ${LINE}H${WIDTH - 20}`} stroke="currentColor" strokeWidth={2} />
      {matching.sets.map((set, i) => {
        const first = set.items[0]?.massKg ?? low;
        const last = set.items[set.items.length - 1]?.massKg ?? low;
        const y = 16 + (i % 3) * 12;
        return (
          <path
            key={i}
            d={`M${x(first)} ${LINE - 12}V${y}H${x(last)}V${LINE - 12}`}
            fill="none"
            stroke="var(--chakra-colors-moss)"
            strokeWidth={3}
          />
        );
      })}
      {all.map((piece) => (
        <circle
          key={piece.id}
          cx={x(piece.massKg)}
          cy={LINE}
          r={9}
          fill={swatchOf(piece.shade)}
          stroke="currentColor"
          strokeWidth={1.5}
        />
      ))}
      <text x={20} y={HEIGHT - 14} fill="currentColor" fontSize={20}>
        {mass(low)}
      </text>
      <text x={WIDTH - 20} y={HEIGHT - 14} textAnchor="end" fill="currentColor" fontSize={20}>
        {mass(Math.max(...masses))}
      </text>
    </Svg>
  );
}
