import { numberIn } from '../../kit/format';
import { bareEntry } from '../../kit/style/entry';
import { valueIn } from '../../kit/style/read';
import type { More } from './Copies';
import type { Tent, WhatIfRequest } from '../../server/useWhatIf';

/** What would be different, as it is being written. */
export interface Draft {
  more: More;
  people: string;
  minutes: string;
  saturday: string;
  tent: string;
  /** As it was typed; until then it is the usual one. */
  celsius?: string;
  pieces?: string;
  expected: string;
}

export function nothing(): Draft {
  return {
    more: {},
    people: '0',
    minutes: '0',
    saturday: '',
    tent: '',
    expected: '',
  };
}

/** The tent as its fields show it. */
export function tentOf({ celsius, pieces }: Draft, usual: Tent | undefined) {
  return {
    celsius: celsius ?? (usual ? bareEntry(usual.celsius, 'temperature') : ''),
    pieces: pieces ?? (usual ? String(usual.pieces) : ''),
  };
}

/** As it is sent; what cannot be read is sent as no number, so that the server names it. */
export function requestOf(draft: Draft, usual: Tent | undefined): WhatIfRequest {
  const tent = tentOf(draft, usual);
  return {
    copies: Object.entries(draft.more)
      .filter(([, more]) => more > 0)
      .map(([mouldId, more]) => ({ mouldId: Number(mouldId), more })),
    people: Number(draft.people),
    minutes: Number(draft.minutes),
    ...(draft.saturday && { alsoOn: 'SAT' as const }),
    ...(draft.tent && {
      tent: {
        celsius: valueIn(tent.celsius, 'temperature') ?? Number.NaN,
        pieces: Math.round(numberIn(tent.pieces)),
      },
    }),
    expected: draft.expected !== '',
  };
}

/** Whether nothing of the shop would be different. */
export function isNothing(request: WhatIfRequest): boolean {
  return (
    request.copies?.length === 0 &&
    request.people === 0 &&
    request.minutes === 0 &&
    !request.alsoOn &&
    !request.tent
  );
}
