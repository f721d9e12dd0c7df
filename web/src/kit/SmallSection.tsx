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
  const cores = [...(section.core ? [{ half: section.core, xMm: 0 }] : []), ...section.more].map(
    (c) => ({ half: below(c.half, rim), xMm: c.xMm }),
  );
  return (
    <Svg
      role="img"
      aria-label={title}
      viewBox={`${-half - pad} ${-pad} ${2 * (half + pad)} ${rim + 2 * pad}`}
      width="100%"
      height="100%"
    >
      <path
        d={path(section.outer, rim) + cores.map((c) => path(c.half, rim, c.xMm)).join('')}
        fill={filled ? swatch : 'none'}
        fillRule="evenodd"
      />
      <path
        d={openPath(section.outer, rim) + cores.map((c) => openPath(c.half, rim, c.xMm)).join('')}
        fill="none"
        stroke="currentColor"
        strokeWidth={3 * unit}
        strokeLinejoin="round"
      />
    </Svg>
  );
}
