import { useLayoutEffect } from 'react';

/** A key that works on a page. */
export interface Key {
  key: string;
  /** What it does, as the foot of the page says it; empty where the page itself says it. */
  label: string;
  /** What it does, for the list of all keys, where the foot does not say it. */
  says?: string;
  run: () => void;
}

const GLYPHS: Record<string, string> = { ArrowUp: '↑', ArrowDown: '↓', Escape: 'Esc', Backspace: '⌫' };

/** How a key is drawn. */
export function glyph(key: string): string {
  return GLYPHS[key] ?? key;
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
