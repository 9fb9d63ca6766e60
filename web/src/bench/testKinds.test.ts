import { describe, expect, it } from 'vitest';
import type { TestKind } from '../api/types';
import { testAt } from './testKinds';

const KINDS = [
  { kind: 'tester-proof', step: 'bench/dead' },
  { kind: 'no-load-run', step: 'bench/run' },
] as TestKind[];

describe('tests by their steps', () => {
  it('finds the test taken at a step', () => {
    expect(testAt(KINDS, 'bench/run')).toEqual({ test: KINDS[1], speed: 1 });
    expect(testAt(KINDS, 'bench/run/2')).toEqual({ test: KINDS[1], speed: 2 });
  });

  it('knows steps that are no tests', () => {
    expect(testAt(KINDS, 'bench/dead')).toBeUndefined();
    expect(testAt(KINDS, 'teardown/parts')).toBeUndefined();
    expect(testAt(KINDS, 'plate')).toBeUndefined();
  });
});
