import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef } from 'react';
import { call, requestKey, Unreachable } from '../api/http';
import type { JobView } from '../api/types';

/** A job as it reads now. */
export function jobQuery(tag: string) {
  return { queryKey: ['job', tag], queryFn: () => call<JobView>('GET', `/api/jobs/${tag}`) };
}

export function useJob(tag: string) {
  return useQuery({ ...jobQuery(tag), refetchInterval: 7_000 });
}

export interface Change {
  method: 'POST' | 'PUT';
  path: string;
  body: unknown;
}

/**
 * A change of a job. The server answers with the whole job as it reads now. A change whose answer was lost keeps its key,
 * so that sending it again makes no second record.
 */
export function useChange(tag: string, done?: (job: JobView) => void) {
  const client = useQueryClient();
  const key = useRef<string | undefined>(undefined);
  return useMutation({
    mutationFn: (change: Change) => {
      key.current ??= requestKey();
      return call<JobView>(change.method, `/api/jobs/${tag}/${change.path}`, change.body, key.current);
    },
    onSuccess: (job) => {
      key.current = undefined;
      // A look that was under way when the change was made would answer with the job as it was before it.
      void client.cancelQueries({ queryKey: ['job', tag] });
      client.setQueryData(['job', tag], job);
      void client.invalidateQueries({ queryKey: ['floor'] });
      done?.(job);
    },
    onError: (error) => {
      if (!(error instanceof Unreachable)) {
        key.current = undefined;
      }
    },
  });
}
