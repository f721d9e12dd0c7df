import type { Dimension } from '../kit/quantity';
import { suggestion } from '../kit/style/entry';
import type { FirstProduct, Measure, Shape } from '../server/useSetUp';

/** A colour that was chosen, and its share where several are in one piece. */
export interface ChosenColour {
  code: string;
  name: string;
  swatch: string;
  share: string;
}

/** The answers about a product as they are being given. */
export interface ProductDraft {
  shape: string;
  /** Typed measures by name; what is not here is typical. */
  texts: Record<string, string>;
  svgPath: string;
  /** Code of a shipped recipe, or `own-` and the number of one of the shop's. */
  mix: string;
  fibre: boolean;
  colours: ChosenColour[];
  inOne: boolean;
  copies: string;
  kind: string;
  name: string;
  price: string;
  target: string;
  hardware: string;
  route: string;
}

export const FRESH: ProductDraft = {
  shape: 'pot',
  texts: {},
  svgPath: '',
  mix: '',
  fibre: false,
  colours: [],
  inOne: false,
  copies: '1',
  kind: '',
  name: '',
  price: '',
  target: '',
  hardware: '',
  route: '',
};

/** What stands in a measure's field until another is typed: round in the shop's units. */
export function typical({ typical: value, dimension }: Measure): string {
  return value > 0 ? suggestion(value, dimension as Dimension) : '';
}

/** The mix that is meant: the one chosen, else the one that suits the shape best. */
export function mixOf(draft: ProductDraft, shape: Shape | undefined): string {
  return draft.mix !== '' ? draft.mix : (shape?.mixes[0] ?? '');
}

/** Numbers that were read from what was typed. */
export interface ReadNumbers {
  measures: Record<string, number | undefined>;
  targetKg: number | undefined;
  hardwareKg: number | undefined;
  price: number | undefined;
  copies: number | undefined;
  shares: (number | undefined)[];
}

/** What is asked of the server; measures that cannot be read are left out, and so typical. */
export function bodyOf(
  draft: ProductDraft,
  shape: Shape | undefined,
  read: ReadNumbers,
): FirstProduct | undefined {
  if (!shape) {
    return undefined;
  }
  const mix = mixOf(draft, shape);
  const own = mix.startsWith('own-') ? Number(mix.slice(4)) : undefined;
  return {
    shape: shape.code,
    ...(draft.name.trim() !== '' && { name: draft.name.trim() }),
    measures: Object.fromEntries(
      Object.entries(read.measures).filter((e): e is [string, number] => e[1] !== undefined),
    ),
    ...(shape.takesOutline && draft.svgPath.trim() !== '' && { svgPath: draft.svgPath.trim() }),
    ...(own === undefined ? { mix } : { recipeId: own }),
    fibre: draft.fibre,
    colours: draft.colours.map((c, i) => ({
      code: c.code,
      ...(draft.inOne && draft.colours.length > 1 && { sharePercent: read.shares[i] ?? 0 }),
    })),
    copies: read.copies ?? 1,
    ...(draft.kind !== '' && { kind: draft.kind }),
    ...(read.targetKg !== undefined && { targetKg: read.targetKg }),
    ...(read.hardwareKg !== undefined && { hardwareKg: read.hardwareKg }),
    ...(read.price !== undefined && { price: read.price }),
    ...(draft.route !== '' && { route: draft.route }),
  };
}

/** Adds a colour or takes it off; shares of several are made equal. */
export function flipColour(chosen: ChosenColour[], one: Omit<ChosenColour, 'share'>) {
  const next = chosen.some((c) => c.code === one.code)
    ? chosen.filter((c) => c.code !== one.code)
    : [...chosen, { ...one, share: '' }];
  const each = Math.floor(100 / Math.max(1, next.length));
  return next.map((c, i) => ({
    ...c,
    share: String(i === 0 ? 100 - each * (next.length - 1) : each),
  }));
}

/** Gives a colour its share; of two the other takes the rest. */
export function withShare(chosen: ChosenColour[], at: number, share: string): ChosenColour[] {
  const typed = Number(share);
  const rest = chosen.length === 2 && typed > 0 && typed < 100 ? String(100 - typed) : undefined;
  return chosen.map((c, i) =>
    i === at ? { ...c, share } : rest === undefined ? c : { ...c, share: rest },
  );
}
