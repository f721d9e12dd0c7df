import { describe, expect, it } from 'vitest';
import { closedProfile, draftOf, freshSolid, type Solid, solidOf, textsOf } from './draft';
import { FIELDS } from './fields';
import { draftOfMould, freshMould } from './useMouldForm';
import type { Mould } from '../../server/useMoulds';
import { KIND_NAMES, type Kind } from '../words';

const KINDS = Object.keys(KIND_NAMES) as Kind[];

function valuesOf(draft: ReturnType<typeof freshSolid>): Record<string, number> {
  return Object.fromEntries(textsOf(draft).map((t) => [t.name, Number.parseFloat(t.text)]));
}

describe('a shape being typed', () => {
  it.each(KINDS.filter((k) => k !== 'mesh'))('%s starts with sizes that make one', (kind) => {
    const draft = freshSolid(kind);
    const outline = [
      [0, 0],
      [9, 0],
      [0, 9],
    ];
    const solid = solidOf(draft, valuesOf(draft), outline);
    expect(solid?.kind).toBe(kind);
    FIELDS[kind].forEach((f) => expect(solid).toHaveProperty(f.name));
  });

  it('is none while a measure cannot be read', () => {
    const draft = freshSolid('box');
    expect(solidOf(draft, { ...valuesOf(draft), widthMm: undefined as never }, undefined)).toBe(
      undefined,
    );
    expect(solidOf(freshSolid('mesh'), {}, undefined)).toBeUndefined();
    expect(solidOf(freshSolid('outline'), { heightMm: 9 }, undefined)).toBeUndefined();
  });

  it('asks for a ready outline’s own measures too', () => {
    const names = textsOf(freshSolid('outline')).map((t) => t.name);
    expect(names).toEqual(['heightMm', 'boat.lengthMm', 'boat.beamMm']);
    const drawn = textsOf({ ...freshSolid('outline'), outlineBy: 'points' }).map((t) => t.name);
    expect(drawn).toEqual(['heightMm']);
  });

  it.each<Solid>([
    { kind: 'cone', topDiameterMm: 160, baseDiameterMm: 120, heightMm: 150 },
    { kind: 'sphere', diameterMm: 356, flatDiameterMm: 150 },
    { kind: 'polygonPrism', sides: 6, acrossFlatsMm: 180, heightMm: 32 },
    { kind: 'measured', volumeL: 2.5 },
    { kind: 'sheet', areaM2: 0.4, thicknessMm: 9 },
    {
      kind: 'outline',
      heightMm: 50,
      points: [
        [0, 0, 0],
        [100, 0, 50],
        [0, 80, 0],
      ],
    },
  ])('a kept $kind comes back as it was', (solid) => {
    const draft = draftOf(solid);
    expect(solidOf(draft, valuesOf(draft), draft.points)).toEqual(solid);
  });

  it('closes a turned shape to its axis, and opens it again', () => {
    const side = [
      [40, 0],
      [50, 60],
      [42, 120],
    ];
    const profile = closedProfile(side);
    expect(profile[0]).toEqual([0, 0]);
    expect(profile[profile.length - 1]).toEqual([0, 120]);
    expect(draftOf({ kind: 'revolved', profile }).points).toEqual(side);
  });
});

describe('a mould being changed', () => {
  it('starts from what is kept', () => {
    const draft = draftOfMould({
      name: 'Pot',
      family: 'vessels',
      kind: 'steel',
      leastWallMm: 12,
      coreMassKg: 0.5,
      price: 80,
      preparation: ['Clean', 'Level'],
      faces: [],
      shape: {
        cavity: { kind: 'box', lengthMm: 1, widthMm: 2, heightMm: 3 },
        core: { kind: 'cylinder', diameterMm: 4, heightMm: 5 },
        coreLiftMm: 6,
        coreOffsetMm: 7,
        cavities: 2,
        inserts: [],
        moreCores: [{ solid: { kind: 'cylinder', diameterMm: 8, heightMm: 9 }, xMm: 10 }],
        parts: [{ name: 'face', sharePercent: 100 }],
      },
    } as unknown as Mould);
    expect(draft.core?.texts['diameterMm']).toBe('4 mm');
    expect(draft.more[0]).toMatchObject({ liftMm: '0 mm', xMm: '10', yMm: '0' });
    expect(draft.parts).toEqual([{ name: 'face', share: '100' }]);
    expect(draft.preparation).toBe('Clean\nLevel');
    expect([draft.leastWall, draft.coreMass, draft.price, draft.cavities]).toEqual([
      '12 mm',
      '500 g',
      '80',
      '2',
    ]);
    expect(freshMould().core).toBeUndefined();
  });
});
