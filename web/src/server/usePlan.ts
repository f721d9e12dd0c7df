import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { client, dataOf, type Schemas } from '../api/client';
import { keyOf } from './keys';

export type Plan = Schemas['PlanView'];
export type PlannedCast = Schemas['PlannedCastView'];
export type PlannedLine = Schemas['PlannedLineView'];
export type LineChance = Schemas['LineChance'];
export type Visit = Schemas['VisitView'];
export type MouldRow = Schemas['MouldRow'];
export type Progress = Schemas['Progress'];

const RUN = keyOf('plan-run');

export function usePlan() {
  return useQuery({
    queryKey: keyOf('plan'),
    queryFn: () => dataOf(client.GET('/api/plan')),
    staleTime: 20_000,
    // A large shop's plan takes its time; meanwhile the one before is shown as such.
    refetchInterval: ({ state }) => (state.data?.renewing ? 1_000 : false),
  });
}

/** How sure its lines are; asked after it, because it takes a moment. */
export function useChances(plan: Plan) {
  return useQuery({
    queryKey: keyOf('plan', 'chances', plan.id, plan.madeAt),
    queryFn: () => dataOf(client.GET('/api/plan/chances')),
    enabled: plan.lines.length > 0,
    staleTime: 60_000,
  });
}

export function usePlanActs() {
  const queries = useQueryClient();
  const kept = (plan: Plan) => queries.setQueryData(keyOf('plan'), plan);
  return {
    run: useMutation({
      mutationFn: (seconds: number) => dataOf(client.POST('/api/plan/run', { body: { seconds } })),
      onSuccess: async (progress) => {
        queries.setQueryData(RUN, progress);
        // One that is still being fetched for the first time would be the plan before.
        await queries.cancelQueries({ queryKey: keyOf('plan') });
      },
    }),
    stop: useMutation({ mutationFn: () => dataOf(client.DELETE('/api/plan/run')) }),
    move: useMutation({
      mutationFn: ({ plan, no, copyId, pourAt }: Move) =>
        dataOf(
          client.PUT('/api/plans/{id}/casts/{no}', {
            body: { copyId, pourAt },
            params: { path: { id: plan.id ?? 0, no } },
          }),
        ),
      onSuccess: kept,
    }),
    letGo: useMutation({
      mutationFn: ({ plan, no }: { plan: Plan; no: number }) =>
        dataOf(
          client.DELETE('/api/plans/{id}/casts/{no}/pin', {
            params: { path: { id: plan.id ?? 0, no } },
          }),
        ),
      onSuccess: kept,
    }),
    undo: useMutation({
      mutationFn: (plan: Plan) =>
        dataOf(client.POST('/api/plans/{id}/undone', { params: { path: { id: plan.id ?? 0 } } })),
      onSuccess: kept,
    }),
  };
}

interface Move {
  plan: Plan;
  no: number;
  copyId: number;
  pourAt: string;
}

/** How the search goes, told by the server as it goes; the plan is asked for anew at its end. */
export function useProgress(): Progress | undefined {
  const queries = useQueryClient();
  const { data } = useQuery({
    queryKey: RUN,
    queryFn: () => dataOf(client.GET('/api/plan/run')),
  });
  const running = data?.running ?? false;
  useEffect(() => {
    if (!running) {
      return undefined;
    }
    // A line is kept open only while there is something to tell.
    const events = new EventSource('/api/plan/run/events');
    events.onmessage = (event: MessageEvent<string>) => {
      const told = JSON.parse(event.data) as Progress;
      queries.setQueryData(RUN, told);
      if (!told.running) {
        void queries.invalidateQueries({ queryKey: keyOf('plan') });
      }
    };
    return () => events.close();
  }, [running, queries]);
  return data;
}
