import type { Sheet } from './usePour';

/** One thing to do at the bench. */
export type Step =
  | { kind: 'check'; key: string; title: string; note: string; lines: string[] }
  | {
      kind: 'weigh';
      key: string;
      title: string;
      note: string;
      materialId: number;
      askedKg: number;
      toleranceKg: number;
      /** Of this batch's mix that is in the bowl when this is. */
      share: number;
      /** Whether it goes in little by little, each addition noted. */
      portions: boolean;
      mostKg?: number;
    }
  /** Powder meets water: the working clock starts. */
  | { kind: 'wet'; key: string; title: string; note: string }
  | { kind: 'fill'; key: string; title: string; note: string; copy: string; freshKg: number }
  | { kind: 'tap'; key: string; title: string; note: string }
  | { kind: 'left'; key: string; title: string; note: string }
  | { kind: 'done'; key: string; title: string; note: string };

/** The steps of a sheet, batch by batch; water comes in two parts, the second held back. */
export function stepsOf(sheet: Sheet): Step[] {
  const codes = sheet.copies.map((c) => c.code);
  const steps: Step[] = [
    {
      kind: 'check',
      key: 'moulds',
      title: 'Moulds ready',
      note: codes.join(' '),
      lines: [
        ...washLines(sheet),
        ...sheet.preparation,
        ...sheet.faces.map(releaseLine),
        ...(sheet.holdDownKg > 0
          ? [`${sheet.holdDownKg.toFixed(1)} kg on each core, or it floats`]
          : []),
      ],
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
  let next = 0;
  sheet.batches.forEach((batch, i) => {
    steps.push(...batchSteps(sheet, batch, i));
    const copies = Math.round((batch.pieces * codes.length) / sheet.pieces);
    for (const copy of codes.slice(next, next + copies)) {
      steps.push({
        kind: 'fill',
        key: `fill-${copy}`,
        title: `Fill ${copy}`,
        note: 'deepest part first; half, knife, top up',
        copy,
        freshKg: sheet.freshMassKg * (sheet.pieces / codes.length),
      });
    }
    next += copies;
    steps.push({
      kind: 'tap',
      key: `${i}-tap`,
      title: 'Tap',
      note: 'until the bubbles stop, and not once it stiffens',
    });
  });
  steps.push(
    { kind: 'left', key: 'left', title: 'What is left', note: 'into small moulds, not the bin' },
    { kind: 'done', key: 'done', title: 'Book it', note: 'stock falls, copies are held' },
  );
  return steps;
}

function batchSteps(sheet: Sheet, batch: Sheet['batches'][number], i: number): Step[] {
  const mix = sheet.batches.length > 1 ? `mix ${i + 1} of ${sheet.batches.length}` : 'one mix';
  const total = batch.lines.reduce((sum, l) => sum + l.massKg, 0);
  const least = sheet.water.leastKg / sheet.water.targetKg;
  const most = sheet.water.mostKg / sheet.water.targetKg;
  const steps: Step[] = [];
  let inBowl = 0;
  for (const line of batch.lines) {
    const water = line.role === 'water';
    const askedKg = water ? line.massKg * least : line.massKg;
    inBowl += askedKg;
    steps.push({
      kind: 'weigh',
      key: `${i}-${line.materialId}`,
      title: water ? 'Water, first part' : line.name,
      note: [mix, water ? 'cool' : scoops(line.scoops)].filter(Boolean).join(' · '),
      materialId: line.materialId,
      askedKg,
      toleranceKg: line.toleranceKg,
      share: inBowl / total,
      portions: false,
    });
  }
  steps.push({
    kind: 'wet',
    key: `${i}-wet`,
    title: 'Wet and mix',
    note: `${sheet.recipe.mixMin} min; the clock runs ${sheet.workingMin.toFixed(0)} min from now`,
  });
  const water = batch.lines.find((l) => l.role === 'water');
  if (water && least < 1) {
    steps.push({
      kind: 'weigh',
      key: `${i}-hold-back`,
      title: 'Held-back water',
      note: `little by little until it flows · at most ${grams(water.massKg * (most - least))}`,
      materialId: water.materialId,
      askedKg: water.massKg * (1 - least),
      toleranceKg: water.toleranceKg,
      share: 1,
      portions: true,
      mostKg: water.massKg * (most - least),
    });
  }
  return steps;
}

function washLines(sheet: Sheet): string[] {
  const due = sheet.copies.filter((c) => c.washDue).map((c) => c.code);
  return due.length > 0
    ? [`Wash ${due.join(' ')}: warm soapy water, and keep it out of the drain`]
    : [];
}

function releaseLine(face: Sheet['faces'][number]): string {
  return face.mustBond
    ? `Nothing on the ${face.name}: it must bond`
    : `${face.release ? sentence(face.release) : 'Nothing'} on the ${face.name}`;
}

function sentence(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

function scoops(n: number | undefined): string {
  return n !== undefined && n >= 0.25 ? `${(Math.round(n * 4) / 4).toString()} level scoops` : '';
}

function grams(kg: number): string {
  return `${Math.round(kg * 1000)} g`;
}
