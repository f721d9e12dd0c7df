import { plural } from '../kit/format';
import { benchMass, waterVolume } from '../kit/style/bench';
import { PLACING } from './placing';
import type { PourState, Session, Step } from './script/facts';
import type { Sheet } from '../server/usePour';

/** What a step is called, and what is said beside it. */
export interface Said {
  title: string;
  note: string;
}

/** All that the words of a step come from. */
export interface Bench {
  session: Session;
  sheet: Sheet;
  state: PourState;
}

type Line = Sheet['layers'][number]['lines'][number];

const SAID: Partial<Record<Step['kind'], Said>> = {
  left: { title: 'What is left', note: 'into small moulds, not the bin' },
  record: { title: 'Record it', note: 'level, and clean outside?' },
};

const CHECKS: Record<string, Said> = {
  moulds: { title: 'Moulds ready', note: '' },
  protection: { title: 'Gloves, mask, goggles', note: 'wet mix burns, dust harms' },
};

export function said(bench: Bench, step: Step): Said {
  switch (step.kind) {
    case 'check': {
      const check = CHECKS[step.about] ?? { title: step.about, note: '' };
      return step.about === 'moulds' ? { ...check, note: codesOf(bench.sheet).join(' ') } : check;
    }
    case 'weigh':
      return weighing(bench, step);
    case 'wet': {
      const layer = layerOf(bench.sheet, step.about);
      const of = severalLayers(bench) ? ` ${layer?.name ?? ''}` : '';
      return {
        title: `Wet and mix${of}`,
        note: `${bench.sheet.recipe.mixMin} min; the clock runs ${(layer?.workingMin ?? bench.sheet.workingMin).toFixed(0)} min from now`,
      };
    }
    case 'fill': {
      const copy = bench.state.copies.find((c) => c.copy === step.about);
      return {
        title: `${copy?.fill === 'part' ? 'Top up' : 'Fill'} ${step.about}`,
        note: `${PLACING[bench.sheet.recipe.placement].fill}${fromWhich(bench, step)}`,
      };
    }
    case 'finish': {
      const placing = PLACING[bench.sheet.recipe.placement];
      return { title: placing.title, note: `${ofBatch(bench, step)}${placing.note}` };
    }
    default:
      return SAID[step.kind] ?? { title: step.kind, note: '' };
  }
}

/** Where there are several mixes: the copies that one of them filled. */
function ofBatch({ state }: Bench, step: Step): string {
  if (state.batches.length < 2) {
    return '';
  }
  const mixes = state.batches.find((b) => b.batch === step.batch)?.mixes.map((m) => m.mix) ?? [];
  const copies = state.copies.filter((c) => mixes.some((m) => c.mixes[m] !== undefined));
  return copies.length > 0 ? `${copies.map((c) => c.copy).join(' ')}, ` : '';
}

/** Where several bowls stand: which one. */
function fromWhich(bench: Bench, step: Step): string {
  return bench.state.batches.length > 1 && step.batch ? ` · ${mixName(bench, step.batch)}` : '';
}

/** "mix 2 of 3", or what was split off it. */
export function mixName({ state, sheet }: Bench, batch: string): string {
  const at = state.batches.findIndex((b) => b.batch === batch);
  const split = state.batches[at]?.colour;
  return split !== undefined
    ? 'split off'
    : state.batches.length === 1
      ? sheet.layers.length > 1
        ? ''
        : 'one mix'
      : `mix ${at + 1} of ${state.batches.length}`;
}

function severalLayers({ sheet }: Bench): boolean {
  return sheet.layers.length > 1;
}

/** The layer that a bowl is mixed for: the last part of the bowl's key. */
export function layerOf(sheet: Sheet, mix: string): Sheet['layers'][number] | undefined {
  return sheet.layers[Number(mix.split('/').at(-1))] ?? sheet.layers[0];
}

export function lineOf(sheet: Sheet, step: Step): Line | undefined {
  return sheet.layers
    .flatMap((l) => l.lines)
    .find((l) => String(l.materialId) === step.weigh?.material);
}

export function materialName(sheet: Sheet, material: string): string {
  return (
    sheet.layers.flatMap((l) => l.lines).find((l) => String(l.materialId) === material)?.name ??
    'something'
  );
}

function weighing(bench: Bench, step: Step): Said {
  const { sheet, state } = bench;
  const weigh = step.weigh;
  const line = lineOf(sheet, step);
  if (!weigh) {
    return { title: step.kind, note: '' };
  }
  const layer = layerOf(sheet, weigh.mix);
  const of = severalLayers(bench) ? `${layer?.name ?? ''}: ` : '';
  const name = line?.name ?? weigh.material;
  if (weigh.bitByBit) {
    const most = weigh.mostKg ?? 0;
    return {
      title: of ? `${of}held-back water` : 'Held-back water',
      note: `little by little until it flows${most > 0 ? ` · at most ${benchMass(most)}, ${waterVolume(most)}` : ''}`,
    };
  }
  const held = state.steps.some((s) => s.weigh?.mix === weigh.mix && s.weigh.bitByBit);
  const water = weigh.role === 'water';
  const title = water ? (held ? 'water, first part' : 'water') : of ? name.toLowerCase() : name;
  const where = [
    severalLayers(bench) ? layer?.colourway.name : '',
    mixName(bench, step.batch ?? ''),
  ];
  return {
    title: of ? `${of}${title}` : sentence(title),
    note: [
      ...where,
      water ? `cool · ${waterVolume(weigh.askedKg)}` : line && measured(line, weigh.askedKg),
    ]
      .filter(Boolean)
      .join(' · '),
  };
}

function sentence(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** Scoops, spoons or bottles, for those who look twice. */
function measured(line: Line, kg: number): string {
  const of = line.massKg > 0 ? kg / line.massKg : 0;
  const parts = [
    line.scoops !== undefined && line.scoops * of >= 0.25
      ? `${quarters(line.scoops * of)} level scoops`
      : '',
    line.spoons !== undefined && line.spoons * of >= 0.25
      ? `${quarters(line.spoons * of)} level spoons`
      : '',
    line.bottle && line.bags !== undefined
      ? `${quarters(line.bags * of)} bottles: rinse them into the mix`
      : '',
  ];
  return parts.filter(Boolean).join(' · ');
}

function quarters(n: number): string {
  return (Math.round(n * 4) / 4).toString();
}

export function codesOf(sheet: Sheet): string[] {
  return sheet.fills.flatMap((f) => f.copies.map((c) => c.copy.code));
}

/** What is poured: the products and their colours. */
export function titleOf(sheet: Sheet): string {
  const products = sheet.fills.map((f) => f.product.name).join(' and ');
  return `${products}, ${sheet.layers.map((l) => l.colourway.name).join(' and ')}`;
}

/** "3 copies · 2 mixes". */
export function countsOf({ state }: Bench): string {
  return `${plural(state.copies.length, 'copy')} · ${plural(state.batches.length, 'mix')}`;
}

/** What the scale shows when a copy is full, with the mould on it; undefined where it is tared. */
export function stopOf(
  sheet: Sheet,
  copy: string,
): { kg: number; toleranceKg: number; withMould: boolean; beforeKg: number } | undefined {
  for (const fill of sheet.fills) {
    const found = fill.copies.find((c) => c.copy.code === copy);
    if (found?.stopAtKg !== undefined) {
      return {
        kg: found.stopAtKg,
        toleranceKg: fill.product.target?.toleranceKg ?? 0,
        withMould: found.copy.emptyKg !== undefined,
        beforeKg: found.startsAtKg ?? 0,
      };
    }
  }
  return undefined;
}
