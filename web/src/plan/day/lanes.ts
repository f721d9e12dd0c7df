import type { Visit } from '../../server/usePlan';

/** What a person does in one go: a mix, or the same step on one product after the other. */
export interface Stretch {
  person: number;
  from: number;
  to: number;
  minutes: number;
  step: string;
  visits: Visit[];
}

export interface Lane {
  person: number;
  mixes: Stretch[];
  works: Stretch[];
}

/** Works of one step with less than this between them are one stretch, whatever is done between. */
const APART_MIN = 45;

/** Minutes of the day of a local moment, "2027-03-01T07:40:00", or of a time, "07:40". */
export function minuteOf(at: string): number {
  const time = at.includes('T') ? at.slice(11) : at;
  return Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5));
}

/** The visits of a day person by person, each in the order of the clock. */
export function lanesOf(visits: Visit[], people: number): Lane[] {
  const lanes = new Map<number, Lane>();
  const lane = (person: number) => {
    const own = lanes.get(person) ?? { person, mixes: [], works: [] };
    lanes.set(person, own);
    return own;
  };
  for (let person = 1; person <= people; person++) {
    lane(person);
  }
  for (const visit of [...visits].sort((a, b) => a.at.localeCompare(b.at))) {
    const own = lane(visit.person ?? 1);
    const from = minuteOf(visit.at);
    const to = from + visit.minutes;
    const last = own.works.filter((w) => w.step === visit.step).at(-1);
    if (visit.litres !== undefined) {
      own.mixes.push(stretch(visit, from, to));
    } else if (last && from - last.to <= APART_MIN) {
      last.to = Math.max(last.to, to);
      last.minutes += visit.minutes;
      last.visits.push(visit);
    } else {
      own.works.push(stretch(visit, from, to));
    }
  }
  return [...lanes.values()].sort((a, b) => a.person - b.person);
}

function stretch(visit: Visit, from: number, to: number): Stretch {
  return {
    person: visit.person ?? 1,
    from,
    to,
    minutes: visit.minutes,
    step: visit.step,
    visits: [visit],
  };
}

export interface Placed {
  stretch: Stretch;
  x: number;
  width: number;
  row: number;
}

/** Sets stretches out so that none covers another: each in the first row that has room there. */
export function place(
  stretches: Stretch[],
  xOf: (minute: number) => number,
  leastPx: number,
  endPx: number,
): Placed[] {
  const ends: number[] = [];
  return stretches.map((stretch) => {
    const begins = xOf(stretch.from);
    const width = Math.max(leastPx, xOf(stretch.to) - begins);
    const x = Math.min(begins, endPx - width);
    let row = ends.findIndex((end) => end <= x);
    row = row < 0 ? ends.length : row;
    ends[row] = x + width + 6;
    return { stretch, x, width, row };
  });
}

/** How many rows what was placed takes. */
export function rowsOf(placed: Placed[]): number {
  return placed.reduce((n, p) => Math.max(n, p.row + 1), 0);
}
