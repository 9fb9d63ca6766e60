import { describe, expect, it } from 'vitest';
import { readWord } from './FieldsForm';

describe('a word of a series', () => {
  it('is a figure only where figures are wanted', () => {
    expect(readWord('series', '1.5')).toBe(1.5);
    expect(readWord('series', '1,5')).toBe('1,5');
    expect(readWord('texts', '1')).toBe('1');
    expect(readWord('pairs', 'T1-T4')).toEqual(['T1', 'T4']);
  });
});
