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
    }
  | { kind: 'done'; key: string; title: string; note: string };

/** The steps of a sheet, batch by batch; water comes in two parts, the second held back. */
export function stepsOf(sheet: Sheet): Step[] {
  const nested = sheet.holdDownKg > 0;
  const steps: Step[] = [
    {
      kind: 'check',
      key: 'moulds',
      title: 'Moulds ready',
      note: sheet.copies.map((c) => c.code).join(' '),
      lines: [
        ...washLines(sheet),
        ...sheet.preparation,
        ...sheet.faces.map(releaseLine),
        ...(nested ? [`${sheet.holdDownKg.toFixed(1)} kg on each core, or it floats`] : []),
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
  sheet.batches.forEach((batch, i) => {
    const mix = sheet.batches.length > 1 ? `mix ${i + 1} of ${sheet.batches.length}` : 'one mix';
    const total = batch.lines.reduce((sum, l) => sum + l.massKg, 0);
    const least = sheet.water.leastKg / sheet.water.targetKg;
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
      });
    }
    const water = batch.lines.find((l) => l.role === 'water');
    if (water && least < 1) {
      steps.push({
        kind: 'weigh',
        key: `${i}-hold-back`,
        title: 'Wet, mix, held-back water',
        note: `little by little until it flows · at most ${grams(water.massKg * (sheet.water.mostKg / sheet.water.targetKg - least))} · clock runs ${sheet.workingMin.toFixed(0)} min`,
        materialId: water.materialId,
        askedKg: water.massKg * (1 - least),
        toleranceKg: water.toleranceKg,
        share: 1,
      });
    }
  });
  steps.push({
    kind: 'done',
    key: 'fill',
    title: `Fill ${sheet.copies.map((c) => c.code).join(' ')}`,
    note: 'half, knife, top up, tap until the bubbles stop',
  });
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

/** What has been done of a sheet; kept on this device until it is poured. */
export interface Draft {
  /** Makes the pour one act, however often it is sent. */
  key: string;
  /** Steps done, in order. */
  done: { key: string; actualKg?: number }[];
}

export function take(draft: Draft, key: string, actualKg?: number): Draft {
  return { ...draft, done: [...draft.done, { key, ...(actualKg !== undefined && { actualKg }) }] };
}

export function undo(draft: Draft): Draft {
  return { ...draft, done: draft.done.slice(0, -1) };
}

/** The step that is next; the last one stays until it is poured. */
export function current(steps: Step[], draft: Draft): number {
  return Math.min(draft.done.length, steps.length - 1);
}

/** How much of the mix is in the bowl before a step, 0 to 1. */
export function inBowl(steps: Step[], at: number): number {
  const before = steps[at - 1];
  if (steps[at]?.kind === 'done') {
    return 1;
  }
  return before?.kind === 'weigh' && before.share < 1 ? before.share : 0;
}

/** What really went in of each material, all batches together. */
export function weighOuts(steps: Step[], draft: Draft): { materialId: number; actualKg: number }[] {
  const byMaterial = new Map<number, number>();
  for (const step of steps) {
    const done = draft.done.find((d) => d.key === step.key);
    if (step.kind === 'weigh' && done?.actualKg !== undefined) {
      byMaterial.set(step.materialId, (byMaterial.get(step.materialId) ?? 0) + done.actualKg);
    }
  }
  return [...byMaterial].map(([materialId, actualKg]) => ({ materialId, actualKg }));
}
