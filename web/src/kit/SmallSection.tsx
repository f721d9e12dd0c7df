import { chakra } from '@chakra-ui/react';
import { below, halfWidth, openPath, path, type Section } from './outline';

const Svg = chakra('svg');

interface Props {
  section: Section;
  filled: boolean;
  swatch: string;
  title: string;
}

/** A section at thumb size: no hatching or masks, so that hundreds stay smooth. */
export function SmallSection({ section, filled, swatch, title }: Props) {
  const half = halfWidth(section);
  const rim = section.rimMm;
  const unit = Math.max(half * 2, rim) / 100;
  const pad = 4 * unit;
  const core = section.core && below(section.core, rim);
  return (
    <Svg
      role="img"
      aria-label={title}
      viewBox={`${-half - pad} ${-pad} ${2 * (half + pad)} ${rim + 2 * pad}`}
      width="100%"
      height="100%"
    >
      <path
        d={path(section.outer, rim) + (core ? path([...core].reverse(), rim) : '')}
        fill={filled ? swatch : 'none'}
        fillRule="evenodd"
      />
      <path
        d={openPath(section.outer, rim) + (core ? openPath(core, rim) : '')}
        fill="none"
        stroke="currentColor"
        strokeWidth={3 * unit}
        strokeLinejoin="round"
      />
    </Svg>
  );
}
