import { useEffect, useRef } from 'react';
import { Refusal } from '../api/http';
import type { JobView } from '../api/types';
import { useChange } from './useJob';
import { useDraft } from '../ui/drafts';

/** What each sheet is called, and the step where it is written. */
const SHEETS: Record<string, { label: string; step: string }> = {
  arrival: { label: 'Arrival', step: 'receive' },
  plate: { label: 'Nameplate', step: 'plate' },
  'teardown-log': { label: 'Marks and parts', step: 'teardown/parts' },
  'lead-map': { label: 'Lead map', step: 'teardown/lead-map' },
  findings: { label: 'Findings', step: 'teardown/findings' },
  'coil-map': { label: 'Coil map', step: 'teardown/coils' },
  winding: { label: 'Winding data', step: 'winding' },
  'winding-second': { label: 'Second take', step: 'winding/second' },
  connection: { label: 'Connection', step: 'winding/connection' },
  'coil-sets': { label: 'Coil by coil', step: 'winding/coils' },
  offers: { label: 'Options', step: 'choose' },
  drying: { label: 'Drying', step: 'choose/drying' },
  redesign: { label: 'New winding', step: 'rewind/new-winding' },
  washing: { label: 'Wash', step: 'rewind/wash' },
  preparation: { label: 'Before stripping', step: 'rewind/before-stripping' },
  stripping: { label: 'Stripping', step: 'rewind/stripping' },
  'core-after': { label: 'Bare core', step: 'rewind/core' },
  'coils-wound': { label: 'Coils wound', step: 'rewind/coils' },
  brazed: { label: 'Joints as brazed', step: 'rewind/brazing' },
  varnishing: { label: 'Varnish, bake', step: 'rewind/varnish' },
  machining: { label: 'Machined work', step: 'rewind/machining' },
  renewal: { label: 'Renewed parts', step: 'rewind/renewed' },
  disposal: { label: 'The old motor', step: 'release' },
};

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
  const sent = useRef<T>(value);
  const keep = useChange(
    tag,
    (after) => {
      const kept = after.sheets[kind];
      const merged = kept !== undefined && kept.version > version + 1;
      const now = kept?.version ?? version + 1;
      const own = draft.latest().value;
      if (own !== sent.current) {
        // What was changed while the sheet was on its way is not in it yet.
        draft.change({ version: now, value: own });
      } else {
        draft.settle({
          version: now,
          value: merged ? { ...fresh, ...(kept?.typed as Partial<T> | undefined) } : own,
        });
      }
      saved(merged ? (newer?.by ?? 'somebody else') : undefined);
    },
    { ...(SHEETS[kind] ?? { label: kind, step: '' }), draft: `${tag}/${kind}`, replaces: true },
  );
  const send = (because?: string) => {
    sent.current = draft.latest().value;
    keep.mutate({ method: 'PUT', path: `sheets/${kind}`, body: { version, typed: sent.current, because } });
  };
  /** A new try begins with the next change; an answer that is still on its way is waited for. */
  const forget = () => {
    if (!keep.isPending) {
      keep.reset();
    }
  };
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
      forget();
      draft.change({ version, value: next });
    },
    set: (part: Partial<T>) => {
      forget();
      draft.change((before) => ({ ...before, value: { ...before.value, ...part } }));
    },
    save: send,
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

const PAUSE_MS = 350;
/** Somebody who types is not interrupted in the middle of a word. */
const TYPING_PAUSE_MS = 1800;

/** Keeps a sheet by itself a moment after each change, for steps that are tapped through; what is refused waits for a hand. */
export function useKeptAtOnce<T extends object>(sheet: Sheet<T>, ready = true) {
  const { dirty, keep, value } = sheet;
  const save = useRef(sheet.save);
  useEffect(() => {
    save.current = sheet.save;
  });
  useEffect(() => {
    if (!dirty || !ready || keep.isPending || keep.isError) {
      return;
    }
    const typing = document.activeElement instanceof HTMLInputElement;
    const soon = setTimeout(() => save.current(), typing ? TYPING_PAUSE_MS : PAUSE_MS);
    return () => clearTimeout(soon);
  }, [dirty, ready, keep.isPending, keep.isError, value]);
  // Who taps and leaves at once has tapped all the same.
  const unsent = useRef(false);
  useEffect(() => {
    unsent.current = dirty && ready && !keep.isError;
  });
  useEffect(() => {
    const send = () => {
      if (unsent.current) {
        save.current();
      }
    };
    // A window that is closed, or a tablet that is laid down, unmounts nothing.
    const hidden = () => document.visibilityState === 'hidden' && send();
    document.addEventListener('visibilitychange', hidden);
    return () => {
      document.removeEventListener('visibilitychange', hidden);
      send();
    };
  }, []);
}
