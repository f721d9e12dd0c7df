import { useQueries } from '@tanstack/react-query';
import { client, dataOf, messageOf, type Schemas } from '../../api/client';
import { type Dimension, reading } from '../../kit/quantity';
import { type Solid, type SolidDraft, solidOf, textsOf } from './draft';
import { type Field, READY_FIELDS } from './fields';
import { amount } from '../../kit/format';
import { readQuantity, valueIn } from '../../kit/style/read';
import { unitOf } from '../../kit/style/units';

function here({ text, dimension }: Quantity): number | undefined {
  if (dimension === 'number') {
    return amount(text);
  }
  return dimension === 'area'
    ? valueIn(text, 'area')
    : readQuantity(text, dimension, unitOf(dimension))?.value;
}

export interface Quantity {
  text: string;
  dimension: Field['dimension'];
}

/** What was typed, as kept values; undefined where it cannot be read. */
export function useQuantities(wanted: Quantity[]): (number | undefined)[] {
  const asked = useQueries({
    queries: wanted.map((q) => ({
      ...reading(q.text.trim(), q.dimension as Dimension),
      enabled:
        here(q) === undefined &&
        q.text.trim() !== '' &&
        q.dimension !== 'number' &&
        q.dimension !== 'area',
    })),
  });
  return wanted.map((q, i) => here(q) ?? asked[i]?.data?.value);
}

type OutlineRequest = Schemas['OutlineCalcRequest'];

function outlineRequest(
  draft: SolidDraft,
  values: Record<string, number | undefined>,
): OutlineRequest | undefined {
  const by = draft.outlineBy;
  if (draft.kind !== 'outline' || by === 'points') {
    return undefined;
  }
  if (by === 'svg') {
    return draft.svgPath.trim() === '' ? undefined : { svgPath: draft.svgPath };
  }
  const own = READY_FIELDS[by].map((f) => [f.name, values[`${by}.${f.name}`]] as const);
  return own.some(([, v]) => v === undefined)
    ? undefined
    : ({ ready: { kind: by, ...Object.fromEntries(own) } } as OutlineRequest);
}

export interface ReadSolid {
  solid: Solid | undefined;
  /** Why there is none, where the server said so. */
  problem: string | undefined;
}

/** All shapes of a mould being typed, worked out together. */
export function useSolids(drafts: SolidDraft[]): ReadSolid[] {
  const texts = drafts.map(textsOf);
  const numbers = useQuantities(texts.flat());
  let next = 0;
  const values = texts.map((own) =>
    Object.fromEntries(own.map((t) => [t.name, numbers[next++]] as const)),
  );
  const requests = drafts.map((d, i) => outlineRequest(d, values[i] ?? {}));
  const outlines = useQueries({
    queries: requests.map((body) => ({
      queryKey: ['outline', body],
      queryFn: () => dataOf(client.POST('/api/calc/outline', { body: body ?? {} })),
      enabled: body !== undefined,
      staleTime: Infinity,
      retry: false,
    })),
  });
  return drafts.map((draft, i) => {
    const points = draft.outlineBy === 'points' ? draft.points : outlines[i]?.data?.points;
    const error = requests[i] && outlines[i]?.error;
    return {
      solid: solidOf(draft, values[i] ?? {}, points),
      problem: error ? messageOf(error) : undefined,
    };
  });
}
