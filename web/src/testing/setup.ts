import '@testing-library/jest-dom/vitest';
import { cleanup, configure } from '@testing-library/react';
import { afterEach } from 'vitest';

// A busy machine may take its time; what is looked for must come all the same.
configure({ asyncUtilTimeout: 15_000 });

// What the toolkit asks of a browser and jsdom has not got.
Object.defineProperty(window, 'matchMedia', {
  value: (query: string) => ({
    matches: false,
    media: query,
    addListener: () => undefined,
    removeListener: () => undefined,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
    dispatchEvent: () => false,
  }),
});
class NoResize {
  observe() {}
  unobserve() {}
  disconnect() {}
}
Object.defineProperty(window, 'ResizeObserver', { value: NoResize });
Object.defineProperty(Element.prototype, 'scrollIntoView', { value: () => undefined });

afterEach(() => {
  cleanup();
  localStorage.clear();
});
