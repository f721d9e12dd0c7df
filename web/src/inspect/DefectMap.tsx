import { chakra } from '@chakra-ui/react';
import { useId } from 'react';
import { below, halfWidth, path, type Section } from '../kit/outline';
import type { Defect, SeenDefect } from '../server/useInspect';

const Svg = chakra('svg');
const MARGIN = 0.3;
const TEXT = { fontFamily: 'var(--chakra-fonts-body)', fontWeight: 600 };

interface Props {
  section: Section;
  swatch: string;
  defects: SeenDefect[];
  words: (defect: Defect) => string;
  /** Where it was pressed; without it the picture is only looked at. */
  onPoint?: ((x: number, y: number) => void) | undefined;
  /** A mark was pressed: it is not there after all. */
  onMark?: ((defect: Defect) => void) | undefined;
}

/** The piece large, its outside at the left and cut at the right, with a mark on each defect. */
export function DefectMap({ section, swatch, defects, words, onPoint, onMark }: Props) {
  const id = useId().replace(/:/g, '');
  const half = halfWidth(section);
  const rim = section.rimMm;
  const unit = Math.max(2 * half, rim) / 100;
  const side = half * MARGIN;
  const width = 2 * (half + side);
  const height = rim + 22 * unit;
  return (
    <Svg
      role="img"
      aria-label="Where it is on the piece"
      viewBox={`${-half - side} ${-8 * unit} ${width} ${height}`}
      w="100%"
      h={{ base: '300px', md: '360px' }}
      color="ink"
      cursor={onPoint ? 'crosshair' : 'default'}
      onClick={(e) => {
        const box = e.currentTarget.getBoundingClientRect();
        const scale = Math.min(box.width / width, box.height / height);
        const x = (e.clientX - box.left - box.width / 2) / scale;
        const y = (e.clientY - box.top - box.height / 2) / scale + height / 2 - 8 * unit;
        const clamp = (n: number, low: number) => Math.max(low, Math.min(1, n));
        onPoint?.(clamp(x / half, -1), clamp(1 - y / rim, 0));
      }}
    >
      <defs>
        <clipPath id={`left${id}`}>
          <rect x={-half - 1} y={-1} width={half + 1} height={rim + 2} />
        </clipPath>
        <clipPath id={`right${id}`}>
          <rect x={0} y={-1} width={half + 1} height={rim + 2} />
        </clipPath>
      </defs>
      <path d={path(section.outer, rim)} fill={swatch} clipPath={`url(#left${id})`} />
      <path
        d={path(section.outer, rim) + (section.core ? path(below(section.core, rim), rim) : '')}
        fill={swatch}
        fillOpacity={0.72}
        fillRule="evenodd"
        stroke="currentColor"
        strokeWidth={0.6 * unit}
        clipPath={`url(#right${id})`}
      />
      <path
        d={path(section.outer, rim)}
        fill="none"
        stroke="currentColor"
        strokeWidth={0.8 * unit}
        strokeLinejoin="round"
      />
      <path
        d={`M0 ${-5 * unit}V${rim + 4 * unit}`}
        stroke="currentColor"
        strokeWidth={0.5 * unit}
        strokeDasharray={`${3 * unit} ${1.5 * unit}`}
      />
      {(
        [
          ['outside', -half / 2],
          ['cut', half / 2],
        ] as const
      ).map(([name, x]) => (
        <text
          key={name}
          x={x}
          y={-3 * unit}
          textAnchor="middle"
          style={{ fontSize: 4 * unit }}
          fill="currentColor"
        >
          {name}
        </text>
      ))}
      {defects.map((d) =>
        d.x === undefined || d.y === undefined ? null : (
          <g
            key={d.defect}
            color="var(--chakra-colors-oxide)"
            style={{ cursor: onMark ? 'pointer' : 'inherit' }}
            onClick={(e) => {
              if (onMark) {
                e.stopPropagation();
                onMark(d.defect);
              }
            }}
          >
            <circle
              cx={d.x * half}
              cy={(1 - d.y) * rim}
              r={6 * unit}
              fill="transparent"
              stroke="currentColor"
              strokeWidth={0.9 * unit}
            />
            <text
              x={d.x * half}
              y={(1 - d.y) * rim + 11 * unit}
              textAnchor={d.x < -0.4 ? 'start' : d.x > 0.4 ? 'end' : 'middle'}
              style={{ ...TEXT, fontSize: 4 * unit }}
              fill="currentColor"
            >
              {words(d.defect).toLowerCase()}
            </text>
          </g>
        ),
      )}
    </Svg>
  );
}
