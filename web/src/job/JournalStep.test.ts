import { describe, expect, it } from 'vitest';
import { changes } from './JournalStep';

describe('what a change changed', () => {
  it('names each field that differs, from what to what', () => {
    expect(changes({ a: '1', b: { c: 'x', d: 'y' } }, { a: '1', b: { c: 'z', d: 'y' }, e: '2' })).toEqual([
      ['b.c', 'x', 'z'],
      ['e', '', '2'],
    ]);
  });

  it('counts what is long and shows what is short', () => {
    expect(
      changes(null, { trace: Array.from({ length: 500 }, (_, i) => i), signs: ['wet', 'dirty'] }),
    ).toEqual([
      ['trace', '', '500 entries'],
      ['signs', '', 'wet, dirty'],
    ]);
  });

  it('says nothing of what is empty both times', () => {
    expect(changes({ a: '', b: null }, { a: null, b: '' })).toEqual([]);
  });
});
