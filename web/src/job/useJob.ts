import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useContext, useEffect, useRef } from 'react';
import { call, callVersioned, Queued, requestKey, Unreachable } from '../api/http';
import { useOnce } from '../api/once';
import { onDelivered, sendOrKeep } from '../outbox/outbox';
import { SignedIn } from '../session/session';
import type { JobView } from '../api/types';

/** A job as it reads now. */
export function jobQuery(tag: string) {
  return { queryKey: ['job', tag], queryFn: () => callVersioned<JobView>(`/api/jobs/${tag}`) };
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
 * A change that may be sent later, when the server is back. Only what somebody wrote down is: whatever permits something
 * (lock-out, release, a proof of discharge) is said while the server listens, or not at all.
 */
export interface Later {
  /** What it is, for the list of what waits. */
  label: string;
  /** The step where it is put right if it is refused. */
  step: string;
  /** The draft it was typed into. */
  draft: string;
  /** States of one sheet: the newest takes the place of those before. */
  replaces?: boolean;
}

/**
 * A change of a job. The server answers with the whole job as it reads now. A change whose answer was lost keeps its key,
 * so that sending it again makes no second record.
 */
export function useChange(tag: string, done?: (job: JobView) => void, later?: Later) {
  const client = useQueryClient();
  // Where it waits in the outbox; what is typed anew takes its place there.
  const key = useRef<string | undefined>(undefined);
  const once = useOnce();
  const person = useContext(SignedIn);
  const took = (job: JobView) => {
    key.current = undefined;
    once.done();
    // A look that was under way when the change was made would answer with the job as it was before it.
    void client.cancelQueries({ queryKey: ['job', tag] });
    client.setQueryData(['job', tag], job);
    void client.invalidateQueries({ queryKey: ['floor'] });
    done?.(job);
  };
  const mutation = useMutation({
    mutationFn: (change: Change) => {
      key.current ??= later?.replaces ? `${person?.username ?? ''}/${later.draft}` : requestKey();
      const path = `/api/jobs/${tag}/${change.path}`;
      const sent = once.key([change.method, path, change.body]);
      if (!later || !person) {
        return call<JobView>(change.method, path, change.body, sent);
      }
      return sendOrKeep<JobView>({
        key: key.current,
        once: sent,
        username: person.username,
        displayName: person.displayName,
        method: change.method,
        path,
        body: change.body,
        label: `${tag} · ${later.label}`,
        page: `/jobs/${tag}/${later.step}`,
        tag,
        draft: later.draft,
        at: Date.now(),
      });
    },
    onSuccess: took,
    onError: (error) => {
      if (!(error instanceof Unreachable || error instanceof Queued)) {
        key.current = undefined;
        once.done();
      }
    },
  });
  // What waited in the outbox was taken late: the same as if the answer had come at once.
  const late = useRef({ took, reset: mutation.reset });
  useEffect(() => {
    late.current = { took, reset: mutation.reset };
  });
  useEffect(
    () =>
      onDelivered(({ entry, answer }) => {
        if (key.current !== undefined && entry.key === key.current) {
          late.current.reset();
          late.current.took(answer as JobView);
        }
      }),
    [],
  );
  return mutation;
}
