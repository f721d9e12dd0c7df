import { useQueries } from '@tanstack/react-query';
import { client, dataOf, messageOf, type Schemas } from '../../api/client';
import { type Solid, type SolidDraft, solidOf, textsOf } from './draft';
import { READY_FIELDS } from './fields';
import { useQuantities } from '../../kit/useQuantities';
import { keyOf } from '../../server/keys';

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
      queryKey: keyOf('outline', body),
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
