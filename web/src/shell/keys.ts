import { useLayoutEffect } from 'react';

export interface Key {
  key: string;
  label: string;
  run: () => void;
}

function typing(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName);
}

/** Keys that work on this page; not while somebody types, unless it is Escape. */
export function useKeys(keys: Key[]) {
  // Before the page is painted: whoever sees it may press a key at once.
  useLayoutEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      if (
        event.ctrlKey ||
        event.metaKey ||
        event.altKey ||
        (typing(event.target) && event.key !== 'Escape')
      ) {
        return;
      }
      const found = keys.find((k) => k.key.toLowerCase() === event.key.toLowerCase());
      if (found) {
        event.preventDefault();
        found.run();
      }
    };
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  }, [keys]);
}
