import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Problem } from '../../api/client';
import { plural } from '../../kit/format';
import { Failed, Key, Loading } from '../../kit/States';
import { LinkKey } from '../../kit/Tabs';
import { useTitle } from '../../kit/useTitle';
import { usePlan } from '../../server/usePlan';
import { Copies } from './Copies';
import { type Draft, isNothing, nothing, requestOf, tentOf } from './draft';
import { Moves } from './Moves';
import { Others } from './Others';
import { SideBySide } from './SideBySide';
import { useCopiesThatHelp, useKeepWhatIf, useUsualTent, useWhatIf } from '../../server/useWhatIf';
import { Wrong } from '../../kit/Wrong';

/** What more copies, people, hours or a tent would do to the plan, tried together; then kept. */
export function WhatIfPage() {
  useTitle('What if');
  const { data: plan } = usePlan();
  const [draft, setDraft] = useState(nothing);
  const set = (changed: Partial<Draft>) => setDraft({ ...draft, ...changed });
  const { data: usualTent } = useUsualTent();
  const request = requestOf(draft, usualTent);
  const { data, error, refetch, isFetching } = useWhatIf(request);
  const helps = useCopiesThatHelp(draft.expected !== '');
  const keep = useKeepWhatIf();
  const changes = !isNothing(request);
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1180px">
      <Flex justifyContent="space-between" gap={4} wrap="wrap" mb={3}>
        <Text as="h1" textStyle="title">
          What if
        </Text>
        <LinkKey to="/plan">Whole plan</LinkKey>
      </Flex>
      <Grid templateColumns={{ base: '1fr', md: '340px 1fr' }} gap={9}>
        <Box as="section" aria-label="What would be different">
          <Others draft={draft} tent={tentOf(draft, usualTent)} onDraft={set} />
          <Copies
            moulds={plan?.moulds ?? []}
            helps={helps.data ?? []}
            more={draft.more}
            onMore={(more) => set({ more })}
          />
        </Box>
        <Box aria-busy={isFetching}>
          {error instanceof Problem && error.errors.length > 0 ? (
            <Wrong error={error} />
          ) : (
            error && <Failed error={error} retry={() => void refetch()} />
          )}
          {!data && !error && <Loading what="the plan" />}
          {data && !error && (
            <>
              <SideBySide trial={data} />
              <Flex mt={4} gap={4} alignItems="center" wrap="wrap" minH="56px">
                {changes && (
                  <Key
                    main
                    busy={keep.isPending}
                    onClick={() => keep.mutate(request, { onSuccess: () => setDraft(nothing()) })}
                  >
                    Make it so
                  </Key>
                )}
                <Text textStyle="small" color="quiet" maxW="460px">
                  {changes
                    ? 'Enters the copies as bought today, changes people and hours of the workshop, and has what is named set in the tent. Until then nothing is changed.'
                    : 'Change something on the left: nothing of it is kept before you say so.'}
                </Text>
              </Flex>
              <Wrong error={keep.error} />
              {keep.data && !changes && <Text role="status">{kept(keep.data)}</Text>}
              <Moves lines={data.lines} />
            </>
          )}
        </Box>
      </Grid>
    </Box>
  );
}

function kept({ copies, people, inTent }: NonNullable<ReturnType<typeof useKeepWhatIf>['data']>) {
  const said = copies.map((c) => `${c.mould}: ${plural(c.inUse, 'copy')} in use`);
  said.push(plural(people, 'person', 'people'));
  if (inTent.length > 0) {
    said.push(`in the tent: ${inTent.join(', ')}`);
  }
  return `Done. ${said.join('; ')}.`;
}
