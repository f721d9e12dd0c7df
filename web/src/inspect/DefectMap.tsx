import { chakra } from '@chakra-ui/react';
import { halfWidth, path, type Section } from '../kit/outline';
import type { SeenDefect } from './useInspect';

const Svg = chakra('svg');
const MARGIN_MM = 12;

interface Props {
  section: Section;
  swatch: string;
  defects: SeenDefect[];
  /** Where it was pressed; without it the picture is only looked at. */
  onPoint?: ((x: number, y: number) => void) | undefined;
}

/** The piece's own section, with a mark where each defect is. */
export function DefectMap({ section, swatch, defects, onPoint }: Props) {
  const half = halfWidth(section);
  const width = 2 * (half + MARGIN_MM);
  const height = section.rimMm + 2 * MARGIN_MM;
  return (
    <Svg
      role="img"
      aria-label="Where it is on the piece"
      viewBox={`${-half - MARGIN_MM} ${-MARGIN_MM} ${width} ${height}`}
      w="100%"
      maxW="360px"
      maxH="300px"
      color="ink"
      cursor={onPoint ? 'crosshair' : 'default'}
      onClick={(e) => {
        const box = e.currentTarget.getBoundingClientRect();
        const scale = Math.min(box.width / width, box.height / height);
        const x = (e.clientX - box.left - box.width / 2) / scale;
        const y = (e.clientY - box.top - box.height / 2) / scale + height / 2 - MARGIN_MM;
        const clamp = (n: number, low: number) => Math.max(low, Math.min(1, n));
        onPoint?.(clamp(x / half, -1), clamp(1 - y / section.rimMm, 0));
      }}
    >
      <path
        d={path(section.outer, section.rimMm)}
        fill={swatch}
        stroke="currentColor"
        strokeWidth={half / 60}
      />
      {section.core && (
        <path
          d={path(section.core, section.rimMm)}
          fill="none"
          stroke="currentColor"
          strokeDasharray={`${half / 20} ${half / 20}`}
          strokeWidth={half / 80}
        />
      )}
      {defects.map((d, i) =>
        d.x === undefined || d.y === undefined ? null : (
          <circle
            key={i}
            cx={d.x * half}
            cy={(1 - d.y) * section.rimMm}
            r={half / 10}
            fill="none"
            stroke="var(--chakra-colors-oxide)"
            strokeWidth={half / 25}
          />
        ),
      )}
    </Svg>
  );
}
