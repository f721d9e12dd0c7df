import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { type Mould, useLeastWall } from '../../server/useMoulds';
import type { Family } from '../words';
import { draftOf, freshSolid, type Solid, type SolidDraft } from './draft';
import { type Quantity, useQuantities } from '../../kit/useQuantities';
import { type ReadSolid, useSolids } from './useSolids';
import { numberIn } from '../../kit/format';
import { bareEntry, entry, suggestion } from '../../kit/style/entry';
import { valueIn } from '../../kit/style/read';

export interface PlacedDraft {
  solid: SolidDraft;
  liftMm: string;
  xMm: string;
  yMm: string;
  mass: string;
}

/** A mould as it is being described. */
export interface MouldDraft {
  name: string;
  family: Family;
  kind: string;
  leastWall: string;
  price: string;
  cavity: SolidDraft;
  core?: SolidDraft;
  coreLift: string;
  coreOffset: string;
  coreMass: string;
  /** What the core of a measured cavity takes up, measured too. */
  coreL: string;
  cavities: string;
  more: PlacedDraft[];
  parts: { name: string; share: string }[];
  faces: Schemas['Face'][];
  preparation: string;
}

export function freshMould(): MouldDraft {
  return {
    name: '',
    family: 'vessels',
    kind: 'silicone',
    // Empty: what its family wants.
    leastWall: '',
    price: '',
    cavity: freshSolid('cone', { heightMm: 150 }),
    coreLift: suggestion(15, 'length'),
    coreOffset: entry(0, 'length'),
    coreMass: entry(0, 'mass'),
    coreL: '',
    cavities: '1',
    more: [],
    parts: [],
    faces: [{ name: 'wall', mustBond: false }],
    preparation: '',
  };
}

export function draftOfMould(mould: Mould): MouldDraft {
  const { shape } = mould;
  return {
    name: mould.name,
    family: mould.family,
    kind: mould.kind,
    leastWall: entry(mould.leastWallMm, 'length'),
    price: mould.price === undefined ? '' : String(mould.price),
    cavity: draftOf(shape.cavity),
    ...(shape.core && { core: draftOf(shape.core) }),
    coreLift: entry(shape.coreLiftMm, 'length'),
    coreOffset: entry(shape.coreOffsetMm, 'length'),
    coreMass: entry(mould.coreMassKg, 'mass'),
    coreL: entry(shape.coreL, 'volume'),
    cavities: String(shape.cavities),
    more: shape.moreCores.map((c) => ({
      solid: draftOf(c.solid as Solid),
      liftMm: entry(c.liftMm ?? 0, 'length'),
      xMm: bareEntry(c.xMm ?? 0, 'length'),
      yMm: bareEntry(c.yMm ?? 0, 'length'),
      mass: c.massKg ? entry(c.massKg, 'mass') : '',
    })),
    parts: shape.parts.map((p) => ({ name: p.name, share: String(p.sharePercent) })),
    faces: mould.faces,
    preparation: mould.preparation.join('\n'),
  };
}

export interface Form {
  draft: MouldDraft;
  change: (part: Partial<MouldDraft>) => void;
  cavity: ReadSolid;
  /** What would be sent; undefined while something cannot be read. */
  body: Schemas['NewMould'] | undefined;
  /** The least wall or thickness as it stands in its field. */
  leastWall: string;
}

/** A mould's draft and what it stands for, ready to be worked out and to be sent. */
export function useMouldForm(start: MouldDraft, insertsKept: Solid[]): Form {
  const [draft, setDraft] = useState(start);
  const usual = useLeastWall(draft.family);
  const leastText =
    draft.leastWall === '' && usual !== undefined ? entry(usual, 'length') : draft.leastWall;
  const solids = useSolids([
    draft.cavity,
    ...(draft.core ? [draft.core] : []),
    ...draft.more.map((m) => m.solid),
  ]);
  const [cavity, ...cores] = solids;
  const numbers = useQuantities([
    { text: draft.coreLift, dimension: 'length' },
    { text: draft.coreOffset, dimension: 'length' },
    { text: draft.coreMass, dimension: 'mass' },
    { text: leastText, dimension: 'length' },
    { text: draft.cavities, dimension: 'number' },
    { text: draft.coreL, dimension: 'volume' },
    ...draft.more.flatMap((m): Quantity[] => [
      { text: m.liftMm, dimension: 'length' },
      { text: m.mass, dimension: 'mass' },
    ]),
  ]);
  const [lift, offset, mass, leastWall, cavities, coreL, ...ofMore] = numbers;
  const core = draft.core ? cores[0]?.solid : undefined;
  const more = draft.more.map((m, i) => ({
    solid: cores[i + (draft.core ? 1 : 0)]?.solid,
    liftMm: ofMore[2 * i],
    massKg: ofMore[2 * i + 1] ?? 0,
    xMm: valueIn(m.xMm, 'length') ?? 0,
    yMm: valueIn(m.yMm, 'length') ?? 0,
  }));
  const whole =
    cavity?.solid !== undefined &&
    (!draft.core || core !== undefined) &&
    more.every((m) => m.solid && m.liftMm !== undefined) &&
    [lift, offset, mass, leastWall, cavities].every((n) => n !== undefined);
  const body = whole
    ? ({
        name: draft.name,
        family: draft.family,
        kind: draft.kind,
        coreMassKg: mass,
        leastWallMm: leastWall,
        faces: draft.faces,
        preparation: draft.preparation
          .split('\n')
          .map((l) => l.trim())
          .filter(Boolean),
        ...(draft.price.trim() !== '' && { price: numberIn(draft.price) }),
        shape: {
          cavity: cavity.solid,
          ...(core && { core }),
          coreLiftMm: lift,
          coreOffsetMm: offset,
          cavities,
          inserts: insertsKept,
          moreCores: more,
          ...(draft.cavity.kind === 'measured' && coreL !== undefined && coreL > 0 && { coreL }),
          parts: draft.parts.map((p) => ({ name: p.name, sharePercent: Number(p.share) })),
        },
      } as unknown as Schemas['NewMould'])
    : undefined;
  return {
    draft,
    change: (part) => setDraft((d) => ({ ...d, ...part })),
    cavity: cavity ?? { solid: undefined, problem: undefined },
    body,
    leastWall: leastText,
  };
}
