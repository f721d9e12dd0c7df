import { DateTime } from 'luxon';
import { isUs, localeTag, style } from './style';

/** Moments, days and clock times in the shop's zone and style, never in the browser's. */

function local(at: number): DateTime {
  return DateTime.fromMillis(at, { zone: style().zone, locale: localeTag() });
}

export function clock(at: number): string {
  return clockOf(local(at));
}

function clockOf(time: DateTime): string {
  return style().clock === 'h12'
    ? time.toFormat('h:mm a', { locale: 'en-US' }).toLowerCase()
    : time.toFormat('HH:mm');
}

/** A clock time as it travels ("07:00") as the shop says it. */
export function clockTime(time: string): string {
  return clockOf(DateTime.fromISO(time));
}

/** A moment as the shop says it: a clock today, a weekday this week, a date after. */
export function moment(at: number, now: number): string {
  const days = daysBetween(now, at);
  return days === 1 || days === -1
    ? `${days === 1 ? 'tomorrow' : 'yesterday'} ${clock(at)}`
    : shortMoment(at, now);
}

/** The same where there is little room: tomorrow is a weekday too. */
export function shortMoment(at: number, now: number): string {
  const days = daysBetween(now, at);
  if (days === 0) {
    return clock(at);
  }
  return Math.abs(days) < 7
    ? `${local(at).toFormat('ccc')} ${clock(at)}`
    : local(at).toLocaleString({ day: 'numeric', month: 'short' });
}

/** A date as it travels ("2026-11-27") as the shop says it: "Fri 27 Nov". */
export function day(iso: string): string {
  return dated(iso, { weekday: 'short', day: 'numeric', month: 'short' });
}

/** A day of another year. */
export function date(iso: string): string {
  return dated(iso, { day: 'numeric', month: 'short', year: 'numeric' });
}

/** A month as it travels ("2026-11") as the shop says it: "November 2026". */
export function month(iso: string): string {
  return dated(`${iso}-01`, { month: 'long', year: 'numeric' });
}

function dated(iso: string, form: Intl.DateTimeFormatOptions): string {
  return DateTime.fromISO(iso.slice(0, 10), { locale: localeTag() }).toLocaleString(form);
}

/** The shop's date at a moment, as it travels. */
export function dateAt(at: number): string {
  return local(at).toFormat('yyyy-MM-dd');
}

/** The shop's date so many days before, or the first of the month so many months before. */
export function dateBefore(at: number, ago: { days: number } | { months: number }): string {
  const then = local(at).minus(ago);
  return ('months' in ago ? then.startOf('month') : then).toFormat('yyyy-MM-dd');
}

/** A date's weekday alone: "Fri". */
export function weekday(iso: string): string {
  return dated(iso, { weekday: 'short' });
}

/** A date's month alone: "Nov". */
export function shortMonth(iso: string): string {
  return dated(iso, { month: 'short' });
}

/** The shop's hour of the day at a moment, 0 to 23. */
export function hourAt(at: number): number {
  return local(at).hour;
}

/** The moment at which the shop's clock shows that time ("07:30") on that date. */
export function momentOf(isoDate: string, time: string): number {
  return DateTime.fromISO(`${isoDate}T${time}`, { zone: style().zone }).toMillis();
}

/** No shop writes a date before this year; "20" is the year half typed. */
const EARLIEST = 1970;

/** The shop's clock at a moment, as it travels: "07:30". */
export function timeAt(at: number): string {
  return local(at).toFormat('HH:mm');
}

function daysBetween(from: number, to: number): number {
  return Math.round(local(to).startOf('day').diff(local(from).startOf('day'), 'days').days);
}

const TIME = /^(\d{1,2})(?:[:.h ]?(\d{2}))?\s*([ap])?\.?\s*m?\.?$/i;

/** A clock time as people write it, as it travels: 7, 7:30, 730, 7.30 pm, 19:30. */
export function readTime(text: string): string | undefined {
  const [, hours, minutes = '0', half] = TIME.exec(text.trim()) ?? [];
  if (hours === undefined) {
    return undefined;
  }
  const said = Number(hours);
  const twelve = half !== undefined;
  if (Number(minutes) > 59 || (twelve ? said < 1 || said > 12 : said > 23)) {
    return undefined;
  }
  const hour = twelve ? (said % 12) + (half.toLowerCase() === 'p' ? 12 : 0) : said;
  return `${String(hour).padStart(2, '0')}:${minutes.padStart(2, '0')}`;
}

/** What a moment field holds ("2027-03-05T07:30"), as a moment; none while it is not whole. */
export function momentIn(field: string): number | undefined {
  const [day = '', time = ''] = field.split('T');
  const at = day === '' || time === '' ? NaN : momentOf(day, time);
  return Number.isFinite(at) ? at : undefined;
}

/** A moment as a moment field holds it. */
export function fieldOf(at: number): string {
  return `${dateAt(at)}T${timeAt(at)}`;
}

const NAMED = ['d MMM yyyy', 'd MMMM yyyy', 'MMM d yyyy', 'MMMM d yyyy'];
const YEARLESS = ['d MMM', 'd MMMM', 'MMM d', 'MMMM d'];

/** A date as people write it, as it travels; without a year the next such day is meant. */
export function readDate(text: string, today: string): string | undefined {
  const plain = text
    .trim()
    .replace(/[,.]+/g, ' ')
    .replace(/^(mon|tue|wed|thu|fri|sat|sun)[a-z]*\s+(?=.*\d)/i, '')
    .replace(/\s+/g, ' ');
  const numeric = isUs() ? ['M/d/yyyy', 'M/d/yy'] : ['d/M/yyyy', 'd/M/yy', 'd M yyyy'];
  for (const form of ['yyyy-MM-dd', ...numeric, ...NAMED]) {
    const found = DateTime.fromFormat(plain, form, { locale: 'en-US' });
    if (found.isValid && found.year >= EARLIEST) {
      return found.toISODate();
    }
  }
  const now = DateTime.fromISO(today);
  for (const form of [...YEARLESS, isUs() ? 'M/d' : 'd/M']) {
    const found = DateTime.fromFormat(plain, form, { locale: 'en-US' });
    if (found.isValid) {
      const here = found.set({ year: now.year });
      return (here < now ? here.plus({ years: 1 }) : here).toISODate() ?? undefined;
    }
  }
  const weekday = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'].indexOf(
    plain.slice(0, 3).toLowerCase(),
  );
  if (weekday >= 0 && /^[a-z]+$/i.test(plain)) {
    return now.plus({ days: ((weekday + 1 - now.weekday + 6) % 7) + 1 }).toISODate() ?? undefined;
  }
  const near = ['today', 'tomorrow'].indexOf(plain.toLowerCase());
  return near < 0 ? undefined : (now.plus({ days: near }).toISODate() ?? undefined);
}
