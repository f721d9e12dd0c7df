import { dateAt, dateBefore, shortMonth, weekday } from '../kit/style/time';

/** The days and months of which backups are kept, and which of them have one. */
export interface Span {
  label: string;
  kept: boolean;
}

const MONTH = 'yyyy-mm'.length;

/** The last seven days, today last. */
export function days(madeAt: readonly number[], now: number): Span[] {
  const made = new Set(madeAt.map(dateAt));
  return Array.from({ length: 7 }, (_, i) => dateBefore(now, { days: 6 - i })).map((iso) => ({
    label: weekday(iso),
    kept: made.has(iso),
  }));
}

/** The last twelve months, this one last. */
export function months(madeAt: readonly number[], now: number): Span[] {
  const made = new Set(madeAt.map((at) => dateAt(at).slice(0, MONTH)));
  return Array.from({ length: 12 }, (_, i) => dateBefore(now, { months: 11 - i })).map((iso) => ({
    label: shortMonth(iso),
    kept: made.has(iso.slice(0, MONTH)),
  }));
}
