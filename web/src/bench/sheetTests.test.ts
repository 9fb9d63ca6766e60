import { describe, expect, it } from 'vitest';
import { SHEET_TESTS, testAt } from './sheetTests';

describe('the test of a step', () => {
  it('is found by its step, at the speed the step names', () => {
    expect(testAt('bench/run')).toEqual({ kind: 'no-load-run', speed: 1 });
    expect(testAt('bench/run/2')).toEqual({ kind: 'no-load-run', speed: 2 });
    expect(testAt('bench/dead')).toBeUndefined();
  });

  it('says what hurts, for every test', () => {
    for (const [kind, test] of Object.entries(SHEET_TESTS)) {
      expect(test.caution.length, kind).toBeGreaterThan(20);
    }
  });
});
