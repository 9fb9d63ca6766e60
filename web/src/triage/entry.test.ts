import { describe, expect, it } from 'vitest';
import { back, fresh, nextMark, picked, typed, wordOf, type Entry } from './entry';

/** What a hand does at the keys of one motor; the mark counts itself up. */
function keys(entry: Entry, ...strokes: string[]): Entry {
  return strokes.reduce((e, key) => {
    if (e.stage === 'megohm') {
      return key === 'Enter' ? { ...e, stage: 'ring' } : { ...e, megohm: e.megohm + key };
    }
    const word = wordOf(e.stage, key);
    return word ? picked(e, e.stage, word) : e;
  }, entry);
}

describe('a minute at a motor', () => {
  it('takes six keys and Enter for a sound one', () => {
    const strokes = ['f', '5', '0', '0', 'Enter', 's'];
    const entry = keys(fresh('P-009'), ...strokes);
    expect(typed(entry)).toEqual({
      mark: 'P-009',
      ratedVoltageV: '',
      shaft: 'free',
      megohm: ['500'],
      ring: 'sets',
      eye: [],
    });
    expect(entry.stage).toBe('eye');
    expect(strokes.length).toBe(6);
  });

  it('takes any number of sights, each on and off again', () => {
    const entry = keys(fresh('P-1'), 'b', '1', 'Enter', 'n', 'b', 'w', 'w');
    expect(entry.eye).toEqual(['burnt']);
  });

  it('counts the mark up, leading zeros kept', () => {
    expect(nextMark('P-009')).toBe('P-010');
    expect(nextMark('shed 2, 17')).toBe('shed 2, 18');
    expect(nextMark('the green one')).toBe('the green one');
  });

  it('keeps a figure and its unit together, and one reading per lead', () => {
    expect(typed({ ...fresh('P-1'), megohm: '1.2 G 900 850k' }).megohm).toEqual(['1.2G', '900', '850k']);
  });

  it('goes back a stage and keeps what stands', () => {
    const entry = back(keys(fresh('P-1'), 'f', '9', 'Enter'));
    expect(entry.stage).toBe('megohm');
    expect(entry.megohm).toBe('9');
    expect(back(back(back(entry))).stage).toBe('shaft');
  });
});
