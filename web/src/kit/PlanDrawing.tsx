import { chakra } from '@chakra-ui/react';
import type { Schemas } from '../api/client';

const Svg = chakra('svg');

interface Props {
  plan: Schemas['Plan'];
  title: string;
  /** Without its measures, at thumb size. */
  bare?: boolean;
}

/** A mould from above, its rim and its cores, to scale. */
export function PlanDrawing({ plan, title, bare = false }: Props) {
  const corners = plan.cavity.flat();
  const xs = corners.map((c) => c[0] ?? 0);
  const ys = corners.map((c) => c[1] ?? 0);
  const left = Math.min(...xs);
  const top = Math.max(...ys);
  const width = Math.max(...xs) - left;
  const height = top - Math.min(...ys);
  const unit = Math.max(width, height) / 100;
  const pad = 4 * unit;
  return (
    <Svg
      role="img"
      aria-label={title}
      viewBox={`${left - pad} ${-top - pad} ${width + 2 * pad} ${height + 2 * pad + (bare ? 0 : 8 * unit)}`}
      width="100%"
      height="100%"
    >
      <path
        d={plan.cavity.map(ringPath).join('')}
        fill="var(--chakra-colors-rule)"
        fillRule="evenodd"
        stroke="currentColor"
        strokeWidth={1.3 * unit}
      />
      <path
        d={plan.cores.map(ringPath).join('')}
        fill="var(--chakra-colors-ground)"
        stroke="currentColor"
        strokeWidth={0.8 * unit}
      />
      {!bare && (
        <text
          x={left + width / 2}
          y={-top + height + 10 * unit}
          textAnchor="middle"
          fill="currentColor"
          style={{ fontFamily: 'var(--chakra-fonts-heading)', fontWeight: 600, fontSize: 8 * unit }}
        >
          {Math.round(width)} × {Math.round(height)} from above
        </text>
      )}
    </Svg>
  );
}

function ringPath(ring: number[][]): string {
  return `M${ring.map(([x = 0, y = 0]) => `${x.toFixed(2)} ${(-y).toFixed(2)}`).join('L')}Z`;
}
