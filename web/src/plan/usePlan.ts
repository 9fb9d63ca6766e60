import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { call } from '../api/http';
import type { PlanDrifted, PlanSearch, PlanView } from '../api/types';

/** How often a search that runs is asked how far it is. */
const ASK_MS = 800;

/** How long a search runs. */
export const SEARCH_S = 20;

/** The plan, the search that runs, and what can be done about them. */
export function usePlan() {
  const client = useQueryClient();
  const plan = useQuery({ queryKey: ['plan'], queryFn: () => call<PlanView>('GET', '/api/plan') });
  const drift = useQuery({
    queryKey: ['plan', 'drift'],
    queryFn: () => call<PlanDrifted>('GET', '/api/plan/drift'),
    refetchInterval: 60_000,
  });
  const search = useQuery({
    queryKey: ['plan', 'search'],
    queryFn: () => call<{ search: PlanSearch | null }>('GET', '/api/plan/search'),
    refetchInterval: (q) => (running(q.state.data?.search) ? ASK_MS : false),
  });
  const last = search.data?.search;
  const runs = running(last);
  // What a search found is there once it has ended.
  useEffect(() => {
    if (!runs) {
      void client.invalidateQueries({ queryKey: ['plan'], exact: true });
    }
  }, [runs, last?.id, client]);
  const begun = (progress: { search: PlanSearch | null }) =>
    client.setQueryData(['plan', 'search'], progress);
  const took = (view: PlanView) => {
    client.setQueryData(['plan'], view);
    void client.invalidateQueries({ queryKey: ['plan', 'drift'] });
  };
  const again = () => void client.invalidateQueries({ queryKey: ['plan'] });
  const begin = useMutation({
    mutationFn: () => call<{ search: PlanSearch | null }>('POST', '/api/plan/search', { seconds: SEARCH_S }),
    onSuccess: begun,
  });
  const ask = useMutation({
    mutationFn: (typed: unknown) =>
      call<{ search: PlanSearch | null }>('POST', '/api/plan/what-if', { seconds: SEARCH_S / 2, typed }),
    onSuccess: begun,
  });
  const stop = useMutation({
    mutationFn: () => call<{ search: PlanSearch | null }>('POST', '/api/plan/search/stop'),
    onSuccess: begun,
  });
  const decide = useMutation({
    mutationFn: ({ id, how }: { id: number; how: 'accept' | 'discard' }) =>
      call<PlanView>('POST', `/api/plan/proposals/${id}/${how}`),
    onSuccess: took,
    onError: again,
  });
  const move = useMutation({
    mutationFn: (body: { task: string; earlier: boolean }) => call<PlanView>('POST', '/api/plan/moves', body),
    onSuccess: took,
  });
  const end = useMutation({
    mutationFn: ({ tag, why }: { tag: string; why: string }) =>
      call<PlanDrifted>('POST', `/api/plan/expected/${tag}/end`, { why }),
    onSuccess: again,
  });
  return {
    plan,
    drift,
    search: last ?? undefined,
    runs,
    begin,
    ask,
    stop,
    decide,
    move,
    end,
    error: plan.error ?? begin.error ?? stop.error ?? decide.error ?? move.error ?? end.error ?? drift.error,
  };
}

function running(search: PlanSearch | null | undefined): boolean {
  return !!search && search.endedAt === null;
}
