import { looksOver, ready } from './ready';
import { type Placement, PLACING } from './placing';
import type { Sheet } from './usePour';
import { benchMass, waterVolume } from '../kit/style/bench';

/** One thing to do at the bench. */
export type Step =
  | { kind: 'check'; key: string; title: string; note: string; lines: string[] }
  | {
      kind: 'weigh';
      key: string;
      title: string;
      note: string;
      /** Which of the sheet's layers it goes into. */
      layer: number;
      materialId: number;
      askedKg: number;
      toleranceKg: number;
      /** Of this batch's mix that is in the bowls when this is. */
      share: number;
      /** Whether it is water, which may be measured by volume too. */
      water: boolean;
      /** Whether it goes in little by little, each addition noted. */
      portions: boolean;
      mostKg?: number;
    }
  /** Powder meets water: the working clock starts. */
  | { kind: 'wet'; key: string; title: string; note: string }
  | {
      kind: 'fill';
      key: string;
      title: string;
      note: string;
      copy: string;
      /** Which of the sheet's fills it belongs to. */
      fill: number;
      layers: { name: string; kg: number }[];
      /** What the scale shows when it is full, where its mass matters. */
      stopAtKg?: number;
      toleranceKg?: number;
      /** Whether the empty mould's mass is part of the reading; else it is tared away. */
      withMould?: boolean;
    }
  | { kind: 'tap'; key: string; title: string; note: string; placement: Placement }
  | { kind: 'left'; key: string; title: string; note: string }
  | { kind: 'done'; key: string; title: string; note: string };

/** The steps of a sheet, batch by batch; water comes in two parts, the second held back. */
export function stepsOf(sheet: Sheet): Step[] {
  const steps: Step[] = [
    {
      kind: 'check',
      key: 'moulds',
      title: 'Moulds ready',
      note: codesOf(sheet).join(' '),
      lines:
        sheet.firstLayer === 0 ? sheet.fills.flatMap((f) => ready(f, sheet)) : looksOver(sheet),
    },
    {
      kind: 'check',
      key: 'protection',
      title: 'Gloves, mask, goggles',
      note: 'wet mix burns, dust harms',
      lines: [
        'Waterproof gloves: cement burns without pain at first',
        'Fitted respirator while powder is open; never only a window',
        'Goggles; wash skin at once',
        'The data sheet and local rules decide',
      ],
    },
  ];
  const placement = sheet.recipe.placement;
  sheet.batches.forEach((batch, i) => {
    let before = 0;
    const total = batch.layers.flatMap((l) => l.lines).reduce((sum, l) => sum + l.massKg, 0);
    batch.layers.forEach((_, layer) => {
      steps.push(...layerSteps(sheet, i, layer, before, total));
      before += (batch.layers[layer]?.lines ?? []).reduce((sum, l) => sum + l.massKg, 0) / total;
    });
    steps.push(...fillSteps(sheet, batch.copyIds));
    steps.push({
      kind: 'tap',
      key: `${i}-tap`,
      title: PLACING[placement].title,
      note: PLACING[placement].note,
      placement,
    });
  });
  steps.push(
    { kind: 'left', key: 'left', title: 'What is left', note: 'into small moulds, not the bin' },
    { kind: 'done', key: 'done', title: 'Book it', note: 'stock falls, copies are held' },
  );
  return steps;
}

export function codesOf(sheet: Sheet): string[] {
  return sheet.fills.flatMap((f) => f.copies.map((c) => c.copy.code));
}

function layerSteps(sheet: Sheet, i: number, layer: number, before: number, total: number): Step[] {
  const mixed = sheet.layers[layer];
  const lines = sheet.batches[i]?.layers[layer]?.lines ?? [];
  if (!mixed) {
    return [];
  }
  const several = sheet.layers.length > 1;
  const mix = sheet.batches.length > 1 ? `mix ${i + 1} of ${sheet.batches.length}` : 'one mix';
  const where = several ? `${mixed.colourway.name} · ${mix}` : mix;
  const key = `${i}-${layer}`;
  const least = mixed.water.leastKg / mixed.water.targetKg;
  const most = mixed.water.mostKg / mixed.water.targetKg;
  const steps: Step[] = [];
  let inBowl = before;
  for (const line of lines) {
    const water = line.role === 'water';
    const askedKg = water ? line.massKg * least : line.massKg;
    inBowl += askedKg / total;
    steps.push({
      kind: 'weigh',
      key: `${key}-${line.materialId}`,
      title: several
        ? `${mixed.name}: ${water ? 'water, first part' : line.name.toLowerCase()}`
        : water
          ? 'Water, first part'
          : line.name,
      note: [where, water ? `cool · ${waterVolume(askedKg)}` : measured(line)]
        .filter(Boolean)
        .join(' · '),
      layer,
      materialId: line.materialId,
      askedKg,
      toleranceKg: line.toleranceKg,
      share: inBowl,
      water,
      portions: false,
    });
  }
  steps.push({
    kind: 'wet',
    key: `${key}-wet`,
    title: several ? `Wet and mix ${mixed.name}` : 'Wet and mix',
    note: `${sheet.recipe.mixMin} min; the clock runs ${mixed.workingMin.toFixed(0)} min from now`,
  });
  const water = lines.find((l) => l.role === 'water');
  if (water && least < 1) {
    steps.push({
      kind: 'weigh',
      key: `${key}-hold-back`,
      title: several ? `${mixed.name}: held-back water` : 'Held-back water',
      note: `little by little until it flows · at most ${benchMass(water.massKg * (most - least))}, ${waterVolume(water.massKg * (most - least))}`,
      layer,
      materialId: water.materialId,
      askedKg: water.massKg * (1 - least),
      toleranceKg: water.toleranceKg,
      share: before + lines.reduce((sum, l) => sum + l.massKg, 0) / total,
      water: true,
      portions: true,
      mostKg: water.massKg * (most - least),
    });
  }
  return steps;
}

function fillSteps(sheet: Sheet, copyIds: number[]): Step[] {
  return sheet.fills.flatMap((fill, index) =>
    fill.copies
      .filter((c) => copyIds.includes(c.copy.id))
      .map(({ copy, layerKg, stopAtKg }): Step => ({
        kind: 'fill',
        key: `fill-${copy.code}`,
        title: `Fill ${copy.code}`,
        note: PLACING[sheet.recipe.placement].fill,
        copy: copy.code,
        fill: index,
        layers: layerKg.map((kg, l) => ({ name: sheet.layers[l]?.name ?? '', kg })),
        ...(stopAtKg !== undefined && {
          stopAtKg,
          toleranceKg: fill.product.target?.toleranceKg ?? 0,
          withMould: copy.emptyKg !== undefined,
        }),
      })),
  );
}

/** Scoops, spoons or bottles, for those who look twice. */
function measured(line: Sheet['layers'][number]['lines'][number]): string {
  const parts = [
    line.scoops !== undefined && line.scoops >= 0.25 ? `${quarters(line.scoops)} level scoops` : '',
    line.spoons !== undefined && line.spoons >= 0.25 ? `${quarters(line.spoons)} level spoons` : '',
    line.bottle && line.bags !== undefined
      ? `${quarters(line.bags)} bottles: rinse them into the mix`
      : '',
  ];
  return parts.filter(Boolean).join(' · ');
}

function quarters(n: number): string {
  return (Math.round(n * 4) / 4).toString();
}
