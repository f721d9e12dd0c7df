import type { Group, TakeOut } from '../server/useShelf';

export type Touch = NonNullable<TakeOut['touch']>;

/** One cavity's entry in the form. */
export interface Entry {
  castId: number;
  version: number;
  label: string;
  text: string;
  broke: boolean;
  reason: string;
}

/** An entry for every cavity of every copy, in order. */
export function entriesOf(group: Group): Entry[] {
  return group.casts.flatMap((cast) =>
    Array.from({ length: cast.pieces }, (_, i) => ({
      castId: cast.id,
      version: cast.version,
      label: cast.pieces > 1 ? `${cast.copy}, ${i + 1}` : cast.copy,
      text: '',
      broke: false,
      reason: '',
    })),
  );
}

/** Whether it can be sent: what broke has a reason. */
export function isSaid(entry: Entry): boolean {
  return !entry.broke || entry.reason.trim() !== '';
}

export function isWeighed(entry: Entry): boolean {
  return entry.broke || entry.text.trim() !== '';
}

/** The request, once every mass is read; masses stand in the order of the entries. */
export function requestOf(
  entries: Entry[],
  massesKg: (number | undefined)[],
  earlyReason: string,
  touch?: Touch,
  doneAt?: number,
  totalMassKg?: number,
): TakeOut {
  const casts: TakeOut['casts'] = [];
  entries.forEach((entry, i) => {
    let cast = casts.find((c) => c.castId === entry.castId);
    if (!cast) {
      cast = { castId: entry.castId, version: entry.version, pieces: [] };
      casts.push(cast);
    }
    const massKg = massesKg[i];
    cast.pieces.push({
      ...(massKg !== undefined && { massKg }),
      ...(entry.broke && { scrapReason: entry.reason.trim() }),
    });
  });
  return {
    casts,
    ...(earlyReason.trim() !== '' && { earlyReason: earlyReason.trim() }),
    ...(touch && { touch }),
    ...(doneAt !== undefined && { doneAt: new Date(doneAt).toISOString() }),
    ...(totalMassKg !== undefined && { totalMassKg }),
  };
}
