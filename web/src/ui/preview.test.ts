import { describe, expect, it } from 'vitest';
import type { Problem } from '../api/types';
import { at, whileTyping } from './preview';

const missing: Problem = { field: 'a', code: 'missing', message: 'a is missing' };
const range: Problem = { field: 'b', code: 'range', message: 'b is -1' };

describe('problems', () => {
  it('an empty field is no mistake while somebody types', () => {
    expect(whileTyping([missing, range])).toEqual([range]);
    expect(whileTyping(undefined)).toEqual([]);
  });

  it('belong to their own field', () => {
    expect(at([missing, range], 'b')).toBe(range);
    expect(at([missing, range], 'c')).toBeUndefined();
  });
});
