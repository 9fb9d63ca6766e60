import { useRef } from 'react';
import { requestKey } from './http';

/**
 * Keys of calls whose answer may be lost: sending the same content again keeps its key, so that it is one record; other
 * content is another call. `done` is told when the server has answered.
 */
export class Once {
  private sent: { text: string; key: string } | undefined;

  key(content: unknown): string {
    const text = JSON.stringify(content);
    if (this.sent?.text !== text) {
      this.sent = { text, key: requestKey() };
    }
    return this.sent.key;
  }

  done(): void {
    this.sent = undefined;
  }
}

export function useOnce(): Once {
  const once = useRef<Once | undefined>(undefined);
  once.current ??= new Once();
  return once.current;
}
