import { describe, expect, it } from 'vitest';
import { Once } from './once';

describe('keys of calls whose answer may be lost', () => {
  it('stay with their content and go with it', () => {
    const once = new Once();
    const first = once.key({ reason: 'fan', n: 1 });
    expect(once.key({ reason: 'fan', n: 1 })).toBe(first);
    expect(once.key({ reason: 'bearing', n: 1 })).not.toBe(first);
    const second = once.key({ reason: 'fan', n: 1 });
    expect(second).not.toBe(first);
    once.done();
    expect(once.key({ reason: 'fan', n: 1 })).not.toBe(second);
  });
});
