import { useCallback, useEffect, useState, useRef } from 'react';

const PREFIX = 'brasskettle.draft.';
const CHANGED = 'brasskettle-drafts';

/** How many entries stand in this browser that the server has not got. */
export function draftCount(): number {
  return Object.keys(localStorage).filter((k) => k.startsWith(PREFIX)).length;
}

function read<T>(name: string): T | undefined {
  const text = localStorage.getItem(PREFIX + name);
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
  const [value, setValue] = useState<T>(() => read<T>(name) ?? start);
  const [dirty, setDirty] = useState(() => read<T>(name) !== undefined);

  // What stands now, for changes that come faster than the page is drawn: an instrument's readings beside a person's typing.
  const latest = useRef(value);

  const change = useCallback(
    (step: T | ((before: T) => T)) => {
      const next = typeof step === 'function' ? (step as (before: T) => T)(latest.current) : step;
      latest.current = next;
      setValue(next);
      setDirty(true);
      localStorage.setItem(PREFIX + name, JSON.stringify(next));
      window.dispatchEvent(new Event(CHANGED));
    },
    [name],
  );
  const settle = useCallback(
    (kept: T) => {
      localStorage.removeItem(PREFIX + name);
      latest.current = kept;
      setValue(kept);
      setDirty(false);
      window.dispatchEvent(new Event(CHANGED));
    },
    [name],
  );
  /** What stands now, drawn or not yet. */
  const current = useCallback(() => latest.current, []);
  return { value, change, settle, dirty, latest: current };
}

export function useDraftCount(): number {
  const [count, setCount] = useState(draftCount);
  useEffect(() => {
    const recount = () => setCount(draftCount());
    window.addEventListener(CHANGED, recount);
    return () => window.removeEventListener(CHANGED, recount);
  }, []);
  return count;
}
