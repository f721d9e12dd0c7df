import { chakra } from '@chakra-ui/react';
import { useId } from 'react';
import { below, halfWidth, openPath, path, type Section } from './outline';
import { SectionCallouts, type Thinnest } from './SectionCallouts';

interface Props {
  section: Section;
  /** How far the core is off centre. */
  offsetMm?: number;
  /** The share of its height that is filled, 0 to 1. */
  filled?: number;
  /** Whether dimensions stand at it; not on small drawings. */
  callouts?: boolean;
  thinnest?: Thinnest | undefined;
  /** Colour of the mix, as the shop's swatch. */
  swatch?: string;
  title: string;
}

const Svg = chakra('svg');

/** The section of a mould, to scale, from its numbers; the same everywhere. */
export function SectionDrawing(props: Props) {
  const { section, offsetMm = 0, filled = 1, callouts = false, thinnest, swatch, title } = props;
  const id = useId().replace(/:/g, '');
  const half = halfWidth(section);
  const rim = section.rimMm;
  const unit = Math.max(half * 2, rim) / 100;
  const side = callouts ? 24 * unit : 4 * unit;
  const top = callouts ? 20 * unit : 4 * unit;
  const level = Math.max(0, Math.min(1, filled)) * rim;
  const cores = [
    ...(section.core ? [{ half: below(section.core, rim), xMm: offsetMm }] : []),
    ...section.more.map((m) => ({ half: below(m.half, rim), xMm: m.xMm })),
  ];
  return (
    <Svg
      role="img"
      aria-label={title}
      viewBox={`${-half - side} ${-top} ${2 * (half + side)} ${rim + top * 2}`}
      width="100%"
      height="100%"
    >
      <defs>
        <pattern
          id={`hatch${id}`}
          width={3 * unit}
          height={3 * unit}
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <path
            d={`M0 0V${3 * unit}`}
            stroke="currentColor"
            strokeWidth={0.7 * unit}
            opacity={0.5}
          />
        </pattern>
        <mask id={`mix${id}`}>
          <path d={path(section.outer, rim)} fill="white" />
          {cores.map((core, i) => (
            <path key={i} d={path(core.half, rim, core.xMm)} fill="black" />
          ))}
        </mask>
      </defs>
      <g mask={`url(#mix${id})`}>
        <rect
          x={-half}
          y={rim - level}
          width={2 * half}
          height={level}
          fill={swatch ?? 'var(--chakra-colors-rule)'}
        />
        <rect x={-half} y={rim - level} width={2 * half} height={level} fill={`url(#hatch${id})`} />
      </g>
      <path
        d={openPath(section.outer, rim)}
        fill="none"
        stroke="currentColor"
        strokeWidth={1.3 * unit}
        strokeLinejoin="round"
        {...(!section.drawn && { strokeDasharray: `${4 * unit} ${3 * unit}` })}
      />
      {cores.map((core, i) => (
        <path
          key={i}
          d={
            (core.half[core.half.length - 1]?.zMm ?? rim) < rim
              ? path(core.half, rim, core.xMm)
              : openPath(core.half, rim, core.xMm)
          }
          fill="none"
          stroke="currentColor"
          strokeWidth={0.8 * unit}
          strokeLinejoin="round"
        />
      ))}
      <path
        d={`M${-half - 5 * unit} 0H${half + 5 * unit}`}
        stroke="currentColor"
        strokeWidth={0.4 * unit}
        strokeDasharray={`${2 * unit} ${1.4 * unit}`}
      />
      {callouts && (
        <SectionCallouts section={section} offsetMm={offsetMm} unit={unit} thinnest={thinnest} />
      )}
    </Svg>
  );
}
