import { chakra } from '@chakra-ui/react';
import { halfWidth, path, type Section } from './outline';

const Svg = chakra('svg');

/** Room for the steel's own line under the pieces. */
const GAP_MM = 10;

interface Props {
  section: Section;
  count: number;
  swatch: string;
  /** Drawn with the mould round them. */
  inMould: boolean;
  pxPerMm: number;
}

/** So many pieces side by side, each its own profile in its own colour. */
export function PieceRow({ section, count, swatch, inMould, pxPerMm }: Props) {
  const half = halfWidth(section);
  const pitch = 2 * half + GAP_MM + (inMould ? 8 : 0);
  const width = pitch * count;
  const height = section.rimMm + 6;
  return (
    <Svg
      aria-hidden
      width={`${width * pxPerMm}px`}
      height={`${height * pxPerMm}px`}
      viewBox={`0 ${-6} ${width} ${height}`}
      color="ink"
      display="block"
    >
      {Array.from({ length: count }, (_, i) => (
        <g key={i} transform={`translate(${pitch * (i + 0.5)} 0)`}>
          <path
            d={path(section.outer, section.rimMm)}
            fill={swatch}
            stroke="currentColor"
            strokeWidth={1.2 / pxPerMm}
          />
          {inMould && (
            <path
              d={`M${-half - 5} ${section.rimMm}V-4H${half + 5}V${section.rimMm}`}
              fill="none"
              stroke="var(--chakra-colors-steel)"
              strokeWidth={3 / pxPerMm}
            />
          )}
        </g>
      ))}
    </Svg>
  );
}
