import { amount } from '../kit/format';
import type { Material, MaterialRequest, Role, StartingMaterial } from '../server/useStock';
import { valueIn } from '../kit/style/read';
import { bareEntry, entry } from '../kit/style/entry';

/** A material as it is being written. */
export interface MaterialDraft {
  name: string;
  role: Role;
  density: string;
  bulk: string;
  scoop: string;
  solids: string;
  cement: string;
  grain: string;
  pack: string;
  piece: string;
  price: string;
  spoon: string;
  moisture: string;
  absorption: string;
  lead: string;
  note: string;
}

const said = (n: number | undefined) => (n === undefined ? '' : String(n));

export function draftOf(from: Material | StartingMaterial): MaterialDraft {
  const own = 'id' in from ? from : undefined;
  return {
    name: from.name,
    role: from.role,
    density: String(from.relativeDensity),
    bulk: bareEntry(Math.round(from.bulkDensityKgM3 * 10) / 10, 'density'),
    scoop: '',
    solids: String(from.solidsPercent),
    cement: String(from.cementPercent),
    grain: bareEntry(from.largestGrainMm, 'length'),
    pack: from.pack ?? '',
    piece: from.pieceG === undefined ? '' : entry(from.pieceG / 1000, 'mass'),
    price: said(own?.pricePerPack),
    spoon: own?.spoonG === undefined ? '' : entry(own.spoonG / 1000, 'mass'),
    moisture: own?.moisturePercent ? String(own.moisturePercent) : '',
    absorption: own?.absorptionPercent ? String(own.absorptionPercent) : '',
    lead: String(from.leadDays),
    note: from.note ?? '',
  };
}

/** What was read of the fields that take any unit. */
export interface ReadMasses {
  scoopKg: number | undefined;
  spoonKg: number | undefined;
  pieceKg: number | undefined;
}

/** As it is sent; what cannot be read as a number is sent as none, and the server names it. */
export function bodyOf(
  draft: MaterialDraft,
  read: ReadMasses,
  before: Material | undefined,
): MaterialRequest {
  const number = (text: string) => amount(text) ?? Number.NaN;
  // A density that was only rounded for the field stays what it was.
  const bulk =
    before && draft.bulk === draftOf(before).bulk
      ? before.bulkDensityKgM3
      : valueIn(draft.bulk, 'density');
  const packKept = before && draft.pack.trim() === (before.pack ?? '');
  return {
    name: draft.name,
    role: draft.role,
    relativeDensity: number(draft.density),
    ...(bulk !== undefined && { bulkDensityKgM3: bulk }),
    ...(read.scoopKg !== undefined && { scoopKg: read.scoopKg }),
    ...(read.spoonKg !== undefined && { spoonG: read.spoonKg * 1000 }),
    solidsPercent: number(draft.solids || '100'),
    ...(draft.role === 'binder' && { cementPercent: number(draft.cement || '100') }),
    ...(draft.grain.trim() !== '' && {
      largestGrainMm: valueIn(draft.grain, 'length') ?? Number.NaN,
    }),
    ...(draft.pack.trim() !== '' && { pack: draft.pack.trim() }),
    ...(packKept && before.packKg !== undefined && { packKg: before.packKg }),
    ...(read.pieceKg !== undefined && { pieceG: read.pieceKg * 1000 }),
    ...(draft.price.trim() !== '' && { pricePerPack: number(draft.price) }),
    moisturePercent: number(draft.moisture || '0'),
    absorptionPercent: number(draft.absorption || '0'),
    leadDays: number(draft.lead || '5'),
    ...(draft.note.trim() !== '' && { note: draft.note.trim() }),
  };
}
