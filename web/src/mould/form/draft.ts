import type { Schemas } from '../../api/client';
import type { Kind } from '../words';
import { bareEntry, entry, suggestion } from '../../kit/style/entry';
import type { Measure } from '../../kit/style/units';
import { type Field, FIELDS, type OutlineBy, READY_FIELDS } from './fields';

export type Solid = Schemas['Solid'];

/** A shape as it is being typed. */
export interface SolidDraft {
  kind: Kind;
  /** By field name; ready outlines' own measures behind their name and a dot. */
  texts: Record<string, string>;
  outlineBy: OutlineBy;
  svgPath: string;
  /** Corners of an outline, or the outer side of a turned shape from floor to rim. */
  points: number[][];
  mesh?: Schemas['MeshSolid'];
}

const TYPICAL: Record<string, number> = {
  lengthMm: 200,
  widthMm: 120,
  heightMm: 100,
  diameterMm: 150,
  topDiameterMm: 160,
  baseDiameterMm: 120,
  topLengthMm: 160,
  topWidthMm: 160,
  baseLengthMm: 120,
  baseWidthMm: 120,
  flatDiameterMm: 0,
  sides: 6,
  acrossFlatsMm: 180,
  volumeL: 1,
  areaM2: 0.5,
  thicknessMm: 8,
  'boat.lengthMm': 400,
  'boat.beamMm': 200,
  'hourglass.firstMm': 200,
  'hourglass.secondMm': 200,
  'hourglass.apartMm': 190,
  'hourglass.waistMm': 120,
  'leaf.lengthMm': 300,
  'leaf.widthMm': 140,
  'roundedRectangle.lengthMm': 300,
  'roundedRectangle.widthMm': 200,
  'roundedRectangle.cornerMm': 40,
};

/** A measure as it stands in its field; the unit that it is kept in ends its name. */
function textOf(
  name: string,
  value: number,
  write: (value: number, measure: Measure) => string = entry,
): string {
  if (name.endsWith('Mm')) {
    return write(value, 'length');
  }
  if (name.endsWith('L')) {
    return write(value, 'volume');
  }
  return name.endsWith('M2') ? bareEntry(value, 'area') : String(value);
}

/** A draft with sizes to start from, so that there is something to see and to change. */
export function freshSolid(kind: Kind, measures: Record<string, number> = {}): SolidDraft {
  return {
    kind,
    texts: Object.fromEntries(
      Object.entries({ ...TYPICAL, ...measures }).map(([k, v]) => [k, textOf(k, v, suggestion)]),
    ),
    outlineBy: 'boat',
    svgPath: '',
    points:
      kind === 'revolved'
        ? [
            [45, 0],
            [60, 60],
            [45, 140],
            [55, 200],
          ]
        : [
            [-100, -60],
            [100, -60],
            [0, 90],
          ],
  };
}

/** A kept shape, to be changed. */
export function draftOf(solid: Solid): SolidDraft {
  const texts = Object.fromEntries(
    Object.entries(solid)
      .filter(([, v]) => typeof v === 'number')
      .map(([k, v]) => [k, textOf(k, v as number)]),
  );
  const fresh = freshSolid(solid.kind);
  const draft = { ...fresh, texts: { ...fresh.texts, ...texts } };
  if (solid.kind === 'outline') {
    return { ...draft, outlineBy: 'points', points: solid.points };
  }
  if (solid.kind === 'revolved') {
    return { ...draft, points: solid.profile.filter(([r]) => (r ?? 0) > 0) };
  }
  return solid.kind === 'mesh' ? { ...draft, mesh: solid } : draft;
}

/** The texts to be read as quantities, by the field they stand in. */
export function textsOf(
  draft: SolidDraft,
): { name: string; text: string; dimension: Field['dimension'] }[] {
  const by = draft.outlineBy;
  const ready =
    draft.kind === 'outline' && by !== 'svg' && by !== 'points'
      ? READY_FIELDS[by].map((f) => ({ ...f, name: `${by}.${f.name}` }))
      : [];
  return [...FIELDS[draft.kind], ...ready].map((f) => ({
    name: f.name,
    text: draft.texts[f.name] ?? '',
    dimension: f.dimension,
  }));
}

/** The outer side of a turned shape closed to its axis. */
export function closedProfile(side: number[][]): number[][] {
  const floor = side[0]?.[1] ?? 0;
  const rim = side[side.length - 1]?.[1] ?? 0;
  return [[0, floor], ...side, [0, rim]];
}

/** The shape that a draft stands for; undefined while something is missing. */
export function solidOf(
  draft: SolidDraft,
  values: Record<string, number | undefined>,
  outline: number[][] | undefined,
): Solid | undefined {
  const own = FIELDS[draft.kind].map((f) => [f.name, values[f.name]] as const);
  if (own.some(([, v]) => v === undefined)) {
    return undefined;
  }
  const measures = Object.fromEntries(own);
  switch (draft.kind) {
    case 'mesh':
      return draft.mesh;
    case 'outline':
      return outline && ({ kind: 'outline', points: outline, ...measures } as unknown as Solid);
    case 'revolved':
      return { kind: 'revolved', profile: closedProfile(draft.points) };
    default:
      return { kind: draft.kind, ...measures } as unknown as Solid;
  }
}
