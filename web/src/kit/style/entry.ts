import { isUs } from './style';
import { fraction, inUnit, type Measure, unitOf } from './units';

/**
 * A kept value as it stands in a field: what somebody typed in round figures of the shop's units
 * comes back round, and reads back as the same value to the last figure shown.
 */
export function entry(value: number | undefined, measure: Measure): string {
  if (value === undefined) {
    return '';
  }
  return isUs() ? us(value, measure) : metric(value, measure);
}

/** The same without its unit, where the unit stands in the label or the head of a column. */
export function bareEntry(value: number | undefined, measure: Measure): string {
  if (value === undefined) {
    return '';
  }
  const own = inUnit(value, measure);
  return isUs() && measure === 'length' ? tape(own) : plain(own, 4);
}

function metric(value: number, measure: Measure): string {
  if (measure === 'mass' && Math.abs(value) < 1) {
    return `${plain(value * 1000, 2)} g`;
  }
  if (measure === 'volume' && Math.abs(value) < 0.1) {
    return `${plain(value * 1000, 2)} ml`;
  }
  const digits = measure === 'mass' || measure === 'volume' ? 4 : 2;
  return `${plain(value, digits)} ${unitOf(measure)}`;
}

function us(value: number, measure: Measure): string {
  const own = inUnit(value, measure);
  switch (measure) {
    case 'mass':
      return pounds(own);
    case 'length':
      return `${tape(own)} in`;
    case 'volume':
      return gallons(own);
    case 'temperature':
    case 'difference':
      return `${plain(own, 1)} °F`;
    default:
      return `${plain(own, 3)} ${unitOf(measure)}`;
  }
}

function pounds(lb: number): string {
  const oz = Number((lb * 16).toFixed(2));
  if (oz < 64) {
    return `${oz} oz`;
  }
  if (Number.isInteger(Number(lb.toFixed(3)) * 10)) {
    return `${plain(lb, 3)} lb`;
  }
  const whole = Math.floor(oz / 16);
  return `${whole} lb ${plain(oz - whole * 16, 2)} oz`;
}

function gallons(gal: number): string {
  if (gal >= 1 - 1e-6) {
    return `${plain(gal, 4)} gal`;
  }
  return gal >= 0.25 - 1e-6 ? `${plain(gal * 4, 4)} qt` : `${plain(gal * 128, 3)} fl oz`;
}

/** Inches as a tape has them where they are on it, else as a decimal. */
function tape(inches: number): string {
  const parts = inches * 64;
  return inches > 0 && Math.abs(parts - Math.round(parts)) < 0.02
    ? fraction(inches, 64)
    : plain(inches, 3);
}

/** No thousands are parted in a field: what is typed there is read again. */
function plain(n: number, digits: number): string {
  return String(Number(n.toFixed(digits)));
}

/** A value to start from, round in the shop's units: not what anybody typed, so it may be moved. */
export function suggestion(value: number, measure: Measure): string {
  const own = inUnit(value, measure);
  if (!isUs() || value === 0) {
    return entry(value, measure);
  }
  switch (measure) {
    case 'length':
      return `${fraction(own, own >= 2 ? 4 : 16)} in`;
    case 'mass':
      return own < 3 ? `${Math.max(1, Math.round(own * 16))} oz` : `${Math.round(own)} lb`;
    case 'volume':
      return own < 1 ? `${Math.max(1, Math.round(own * 4))} qt` : `${Math.round(own)} gal`;
    default:
      return entry(value, measure);
  }
}
