import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../../api/client';

export type WhatIfRequest = Schemas['WhatIfRequest'];
export type WhatIfView = Schemas['WhatIfView'];

/** The plan as it would be with these; nothing is kept. */
export function useWhatIf(request: WhatIfRequest) {
  return useQuery({
    queryKey: ['plan', 'what-if', request],
    queryFn: () => dataOf(client.POST('/api/plan/what-if', { body: request })),
    placeholderData: keepPreviousData,
  });
}
