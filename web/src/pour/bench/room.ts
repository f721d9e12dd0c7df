import { plural } from '../../kit/format';
import type { What } from '../script/facts';
import { addedCopies, type FreeMould } from './acts';

/** How many of a mould's free copies so much mix fills. */
export function countFor(mould: FreeMould, kg: number): number {
  return mould.kg > 0 ? Math.min(mould.copies.length, Math.max(1, Math.floor(kg / mould.kg))) : 1;
}

export function roomWords(mould: FreeMould, kg: number): string {
  const count = countFor(mould, kg);
  return `${plural(count, mould.mould)}: ${mould.copies.slice(0, count).join(', ')} ${count === 1 ? 'is' : 'are'} free`;
}

export function roomActs(mould: FreeMould, kg: number): What[] {
  return addedCopies(mould, countFor(mould, kg));
}
