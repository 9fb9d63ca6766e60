import { useEffect } from 'react';
import { Refusal } from '../api/http';
import type { JobView } from '../api/types';
import { useChange } from '../jobs/useJob';
import { useDraft } from './drafts';

interface Held<T> {
  version: number;
  value: T;
}

/**
 * One sheet of a job being written: kept in this browser until it is saved, following what others write while it is untouched
 * here, and merged with it when both wrote.
 */
export function useSheet<T extends object>(
  job: JobView,
  kind: string,
  fresh: T,
  saved: (mergedWith?: string) => void,
) {
  const tag = job.identity.tag;
  const sheet = job.sheets[kind];
  const there: Held<T> = {
    version: sheet?.version ?? 0,
    value: { ...fresh, ...(sheet?.typed as Partial<T> | undefined) },
  };
  const draft = useDraft<Held<T>>(`${tag}/${kind}`, there);
  const { version, value } = draft.value;
  const { settle } = draft;
  const newer = sheet && sheet.version > version ? sheet : undefined;
  useEffect(() => {
    if (newer && !draft.dirty) {
      settle(there);
    }
    // What stands there is made anew at each paint; its version says when it changed.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [newer?.version, draft.dirty, settle]);
  const keep = useChange(tag, (after) => {
    const kept = after.sheets[kind];
    const merged = kept !== undefined && kept.version > version + 1;
    draft.settle({
      version: kept?.version ?? version + 1,
      value: { ...fresh, ...(kept?.typed as Partial<T> | undefined) },
    });
    saved(merged ? (newer?.by ?? 'somebody else') : undefined);
  });
  const clash = keep.error instanceof Refusal ? keep.error.clash : undefined;
  return {
    value,
    written: sheet,
    newer: draft.dirty ? newer : undefined,
    dirty: draft.dirty,
    keep,
    clash,
    problems: keep.error instanceof Refusal ? keep.error.problems : [],
    change: (next: T) => {
      keep.reset();
      draft.change({ version, value: next });
    },
    set: (part: Partial<T>) => {
      keep.reset();
      draft.change({ version, value: { ...value, ...part } });
    },
    save: () => keep.mutate({ method: 'PUT', path: `sheets/${kind}`, body: { version, typed: value } }),
    /** Takes the merged sheet with these picks for what clashed; it is saved by the next save. */
    settleClash: (picks: Record<string, unknown>) => {
      if (clash) {
        const merged = structuredClone(clash.merged) as T;
        Object.entries(picks).forEach(([field, picked]) => place(merged, field, picked));
        keep.reset();
        draft.change({ version: clash.version, value: { ...fresh, ...merged } });
      }
    },
  };
}

export type Sheet<T extends object> = ReturnType<typeof useSheet<T>>;

/** Puts `picked` at a path such as `details.frame` or `groups[3]`. */
export function place(tree: object, path: string, picked: unknown) {
  const steps = path.replace(/\[(\d+)\]/g, '.$1').split('.');
  let at = tree as Record<string, unknown>;
  steps.slice(0, -1).forEach((step) => {
    if (typeof at[step] !== 'object' || at[step] === null) {
      at[step] = {};
    }
    at = at[step] as Record<string, unknown>;
  });
  at[steps[steps.length - 1] ?? ''] = picked;
}
