import { chakra } from '@chakra-ui/react';
import { useId } from 'react';
import { below, halfWidth, openPath, path, radiusAt, type Section } from './outline';

interface Props {
  section: Section;
  /** How far the core is off centre. */
  offsetMm?: number;
  /** The share of its height that is filled, 0 to 1. */
  filled?: number;
  /** What the dimensions and callouts say; none on small drawings. */
  callouts?: boolean;
  thinnest?: { mm: number; atMm: number; ok: boolean } | undefined;
  /** Colour of the mix, as the shop's swatch. */
  swatch?: string;
  title: string;
}

const Svg = chakra('svg');
const TEXT = { fontFamily: 'var(--chakra-fonts-heading)', fontWeight: 600 };

/** The section of a mould, to scale, from its numbers; the same everywhere. */
export function SectionDrawing(props: Props) {
  const { section, offsetMm = 0, filled = 1, callouts = false, thinnest, swatch, title } = props;
  const id = useId().replace(/:/g, '');
  const half = halfWidth(section);
  const rim = section.rimMm;
  const unit = Math.max(half * 2, rim) / 100;
  const side = callouts ? 24 * unit : 4 * unit;
  const top = callouts ? 20 * unit : 4 * unit;
  const base = section.core?.[0]?.zMm ?? 0;
  const level = Math.max(0, Math.min(1, filled)) * rim;
  const core = section.core ? below(section.core, rim) : undefined;
  const baseHalf = section.outer[0]?.rMm ?? 0;
  const rimHalf = section.outer[section.outer.length - 1]?.rMm ?? half;
  const font = { style: { ...TEXT, fontSize: 6 * unit } };
  const dim = (x1: number, x2: number, y: number) => (
    <path d={`M${x1} ${y}H${x2}`} stroke="var(--chakra-colors-steel)" strokeWidth={0.35 * unit} />
  );
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
          {core && <path d={path(core, rim, offsetMm)} fill="black" />}
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
      />
      {core && (
        <path
          d={openPath(core, rim, offsetMm)}
          fill="none"
          stroke="currentColor"
          strokeWidth={0.8 * unit}
          strokeLinejoin="round"
        />
      )}
      <path
        d={`M${-half - 5 * unit} 0H${half + 5 * unit}`}
        stroke="currentColor"
        strokeWidth={0.4 * unit}
        strokeDasharray={`${2 * unit} ${1.4 * unit}`}
      />
      {callouts && (
        <g fill="currentColor">
          <path
            d={`M0 ${-4 * unit}V${rim + 5 * unit}`}
            stroke="var(--chakra-colors-steel)"
            strokeWidth={0.35 * unit}
            strokeDasharray={`${5 * unit} ${1.2 * unit} ${unit} ${1.2 * unit}`}
          />
          {core && offsetMm > 0 && (
            <path
              d={`M${offsetMm} ${6 * unit}V${rim - base - 4 * unit}`}
              stroke="var(--chakra-colors-oxide)"
              strokeWidth={0.45 * unit}
              strokeDasharray={`${4 * unit} ${1.2 * unit} ${unit} ${1.2 * unit}`}
            />
          )}
          {dim(-rimHalf, rimHalf, -6.5 * unit)}
          <text {...font} x={0} y={-9 * unit} textAnchor="middle">
            {Math.round(rimHalf * 2)}
          </text>
          {dim(-baseHalf, baseHalf, rim + 6 * unit)}
          <text {...font} x={0} y={rim + 13 * unit} textAnchor="middle">
            {Math.round(baseHalf * 2)}
          </text>
          <text {...font} x={-half - 9 * unit} y={rim / 2} textAnchor="end">
            {Math.round(rim)}
          </text>
          {base > 0 && (
            <text {...font} x={2 * unit} y={rim - base / 2 + 2 * unit}>
              {Math.round(base)}
            </text>
          )}
          {thinnest && (
            <g fill={thinnest.ok ? 'currentColor' : 'var(--chakra-colors-oxide)'} stroke="none">
              <path
                d={`M${radiusAt(section.outer, thinnest.atMm) - thinnest.mm} ${rim - thinnest.atMm}H${half + 7 * unit}`}
                stroke={thinnest.ok ? 'currentColor' : 'var(--chakra-colors-oxide)'}
                strokeWidth={0.4 * unit}
              />
              <text {...font} x={half + 8 * unit} y={rim - thinnest.atMm}>
                {thinnest.mm.toFixed(1)}
              </text>
              <text
                x={half + 8 * unit}
                y={rim - thinnest.atMm + 5 * unit}
                style={{ fontSize: 4.4 * unit }}
              >
                thinnest
              </text>
            </g>
          )}
        </g>
      )}
    </Svg>
  );
}
