import { useCallback, useEffect, useState, useRef } from 'react';
import { useUsername } from '../session/session';

const PREFIX = 'brasskettle.draft.';
const FORGOTTEN = 'brasskettle-draft-forgotten';
const FULL = 'brasskettle-storage-full';

/** How many entries are started on this tablet and not saved, whoever's they are. */
export function startedEntries(): number {
  return Object.keys(localStorage).filter((k) => k.startsWith(PREFIX)).length;
}

/** A draft belongs to whoever typed it: the next person at the tablet neither sees nor saves it. */
function place(username: string, name: string): string {
  return `${PREFIX}${username}:${name}`;
}

/** Forgets a draft that the server has by now. */
export function forgetDraft(username: string, name: string) {
  localStorage.removeItem(place(username, name));
  window.dispatchEvent(new CustomEvent(FORGOTTEN, { detail: place(username, name) }));
}

function read<T>(at: string): T | undefined {
  const text = localStorage.getItem(at);
  try {
    return text ? (JSON.parse(text) as T) : undefined;
  } catch {
    return undefined;
  }
}

/**
 * What is being typed, kept in this browser until the server has it: a closed tab, a lost network or an ended session
 * lose nothing.
 */
export function useDraft<T>(name: string, start: T) {
  const at = place(useUsername(), name);
  const [value, setValue] = useState<T>(() => read<T>(at) ?? start);
  const [dirty, setDirty] = useState(() => read<T>(at) !== undefined);

  // What stands now, for changes that come faster than the page is drawn: an instrument's readings beside a person's typing.
  const latest = useRef(value);

  const change = useCallback(
    (step: T | ((before: T) => T)) => {
      const next = typeof step === 'function' ? (step as (before: T) => T)(latest.current) : step;
      latest.current = next;
      setValue(next);
      setDirty(true);
      try {
        localStorage.setItem(at, JSON.stringify(next));
      } catch {
        window.dispatchEvent(new Event(FULL));
      }
    },
    [at],
  );
  const settle = useCallback(
    (kept: T) => {
      localStorage.removeItem(at);
      latest.current = kept;
      setValue(kept);
      setDirty(false);
    },
    [at],
  );
  // The server got it late, from the outbox: what is typed from now on is new.
  useEffect(() => {
    const gone = (e: Event) => {
      if ((e as CustomEvent<string>).detail === at) {
        setDirty(false);
      }
    };
    window.addEventListener(FORGOTTEN, gone);
    return () => window.removeEventListener(FORGOTTEN, gone);
  }, [at]);
  /** What stands now, drawn or not yet. */
  const current = useCallback(() => latest.current, []);
  return { value, change, settle, dirty, latest: current };
}

/** Whether this browser refused to keep what was typed, since it has no room left. */
export function useStorageFull(): boolean {
  const [full, setFull] = useState(false);
  useEffect(() => {
    const told = () => setFull(true);
    window.addEventListener(FULL, told);
    return () => window.removeEventListener(FULL, told);
  }, []);
  return full;
}
