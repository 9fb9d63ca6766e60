import { describe, expect, it } from 'vitest';
import { readJoints, turnedRound, writeJoints } from './joints';

describe('joints as lines', () => {
  it('reads blanks, dashes and commas, and leaves empty lines out', () => {
    expect(readJoints('t1 s1\n\nF1 – F4\n S10,s12 ; f11')).toEqual([
      ['T1', 'S1'],
      ['F1', 'F4'],
      ['S10', 'S12', 'F11'],
    ]);
  });

  it('writes what it reads', () => {
    const joints = [
      ['T1', 'S1'],
      ['F1', 'F4'],
    ];
    expect(readJoints(writeJoints(joints))).toEqual(joints);
  });

  it('turns one group round and no other whose number begins alike', () => {
    expect(
      turnedRound(
        [
          ['S1', 'F11'],
          ['F1', 'S11'],
        ],
        1,
      ),
    ).toEqual([
      ['F1', 'F11'],
      ['S1', 'S11'],
    ]);
  });
});
