import type { Sheet, SheetFill } from './usePour';
import { mass } from '../kit/style/units';

/** What is done to the copies of one mould before they are filled. */
export function ready(fill: SheetFill, sheet: Sheet): string[] {
  const due = fill.copies.filter((c) => c.copy.washDue).map((c) => c.copy.code);
  const of = sheet.fills.length > 1 ? `${fill.mould}: ` : '';
  const lines = [
    ...(due.length > 0
      ? [`Wash ${due.join(' ')}: warm soapy water, and keep it out of the drain`]
      : []),
    ...fill.preparation,
    ...fill.faces.map(releaseLine),
    ...(fill.holdDownKg > 0 ? [`${mass(fill.holdDownKg)} on each core, or it floats`] : []),
  ];
  return lines.map((line) => of + line);
}

/** What is looked at before a layer goes on top of another. */
export function looksOver(sheet: Sheet): string[] {
  return [
    `What is below has stiffened: ${sheet.layers[0]?.name ?? 'the next layer'} must not sink into it`,
    'Its face still matt and damp; scratch it where it has set hard',
  ];
}

function releaseLine(face: SheetFill['faces'][number]): string {
  return face.mustBond
    ? `Nothing on the ${face.name}: it must bond`
    : `${face.release ? sentence(face.release) : 'Nothing'} on the ${face.name}`;
}

function sentence(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}
