import { useEffect, useState } from 'react';
import { call } from '../api/http';
import type { Problem } from '../api/types';

const PAUSE_MS = 180;

/** What the core says to what is being typed; asked a moment after the last key. */
export function usePreview<T>(path: string, typed: unknown, active: boolean): T | undefined {
  const [look, setLook] = useState<T>();
  const text = JSON.stringify(typed);
  useEffect(() => {
    if (!active) {
      setLook(undefined);
      return;
    }
    let wanted = true;
    const timer = setTimeout(() => {
      call<T>('POST', path, JSON.parse(text)).then(
        (answer) => wanted && setLook(answer),
        // Nothing to say while the server is away: the last word stays, and saving tells the person.
        () => undefined,
      );
    }, PAUSE_MS);
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [path, text, active]);
  return look;
}

/** Problems worth showing while somebody types: an empty field is not yet a mistake. */
export function whileTyping(problems: Problem[] | undefined): Problem[] {
  return (problems ?? []).filter((p) => p.code !== 'missing');
}

export function at(problems: Problem[], field: string): Problem | undefined {
  return problems.find((p) => p.field === field);
}
