import type { Group, Step } from '../shelf/useShelf';

const KEY = 'ironshelf.notify';

/** Steps that a person can be called for. */
export const CALLS: readonly Step[] = [
  'pour',
  'demould',
  'trim',
  'rinse',
  'seal',
  'fill',
  'fit',
  'inspect',
  'pack',
];
const USUAL: readonly Step[] = ['pour', 'demould', 'trim', 'seal'];

/** The steps that this browser calls for. */
export function chosenSteps(): Step[] {
  try {
    const kept = JSON.parse(localStorage.getItem(KEY) ?? '') as unknown;
    return Array.isArray(kept) ? CALLS.filter((s) => kept.includes(s)) : [...USUAL];
  } catch {
    return [...USUAL];
  }
}

export function chooseSteps(steps: Step[]): void {
  localStorage.setItem(KEY, JSON.stringify(steps));
}

/** Those of the due groups that this browser calls for. */
export function called(groups: Group[]): Group[] {
  const steps = chosenSteps();
  return groups.filter((g) => g.step !== undefined && steps.includes(g.step));
}

/** Shows a notification where the person allowed it. */
export function notify(title: string, body: string, tag: string): void {
  if ('Notification' in window && Notification.permission === 'granted') {
    new Notification(title, { body, tag });
  }
}
