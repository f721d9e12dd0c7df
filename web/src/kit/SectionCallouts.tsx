import { isUs } from './style/style';
import { saidParts } from './style/units';
import { halfWidth, radiusAt, type Section } from './outline';

export interface Thinnest {
  mm: number;
  atMm: number;
  ok: boolean;
}

interface Props {
  section: Section;
  offsetMm: number;
  /** A hundredth of the drawing's larger side. */
  unit: number;
  thinnest: Thinnest | undefined;
}

/** As on any drawing, without its unit: whole millimetres, or inches as a tape has them. */
function dimension(mm: number): string {
  return isUs() ? saidParts(mm, 'length').value : String(Math.round(mm));
}

const TEXT = { fontFamily: 'var(--chakra-fonts-heading)', fontWeight: 600 };

/** Dimensions, centre lines and the thinnest wall, called out at a section. */
export function SectionCallouts({ section, offsetMm, unit, thinnest }: Props) {
  const half = halfWidth(section);
  const rim = section.rimMm;
  const base = section.core?.[0]?.zMm ?? 0;
  const baseHalf = section.outer[0]?.rMm ?? 0;
  const rimHalf = section.outer[section.outer.length - 1]?.rMm ?? half;
  const font = { style: { ...TEXT, fontSize: 6 * unit } };
  const dim = (x1: number, x2: number, y: number) => (
    <path d={`M${x1} ${y}H${x2}`} stroke="var(--chakra-colors-steel)" strokeWidth={0.35 * unit} />
  );
  if (!section.drawn) {
    return (
      <text {...font} x={0} y={-5 * unit} textAnchor="middle" fill="currentColor">
        measured, not drawn
      </text>
    );
  }
  return (
    <g fill="currentColor">
      <path
        d={`M0 ${-4 * unit}V${rim + 5 * unit}`}
        stroke="var(--chakra-colors-steel)"
        strokeWidth={0.35 * unit}
        strokeDasharray={`${5 * unit} ${1.2 * unit} ${unit} ${1.2 * unit}`}
      />
      {section.core && offsetMm > 0 && (
        <path
          d={`M${offsetMm} ${6 * unit}V${rim - base - 4 * unit}`}
          stroke="var(--chakra-colors-oxide)"
          strokeWidth={0.45 * unit}
          strokeDasharray={`${4 * unit} ${1.2 * unit} ${unit} ${1.2 * unit}`}
        />
      )}
      {dim(-rimHalf, rimHalf, -6.5 * unit)}
      <text {...font} x={0} y={-9 * unit} textAnchor="middle">
        {dimension(rimHalf * 2)}
      </text>
      {dim(-baseHalf, baseHalf, rim + 6 * unit)}
      <text {...font} x={0} y={rim + 13 * unit} textAnchor="middle">
        {dimension(baseHalf * 2)}
      </text>
      <text {...font} x={-half - 9 * unit} y={rim / 2} textAnchor="end">
        {dimension(rim)}
      </text>
      {base > 0 && (
        <text {...font} x={2 * unit} y={rim - base / 2 + 2 * unit}>
          {dimension(base)}
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
            {saidParts(thinnest.mm, 'length').value}
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
  );
}
