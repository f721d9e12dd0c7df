import type { Group } from '../server/useShelf';

const KEY = 'ironshelf.notify';

const USUAL: readonly string[] = ['pour', 'demould', 'trim', 'seal'];

/** The steps that this browser calls for. */
export function chosenSteps(): string[] {
  try {
    const kept = JSON.parse(localStorage.getItem(KEY) ?? '') as unknown;
    return Array.isArray(kept)
      ? kept.filter((s): s is string => typeof s === 'string')
      : [...USUAL];
  } catch {
    return [...USUAL];
  }
}

export function chooseSteps(steps: string[]): void {
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
