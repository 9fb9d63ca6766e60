import { describe, expect, it } from 'vitest';
import {
  coilsRound,
  coilsTyped,
  forPoles,
  groupName,
  mirrored,
  painted,
  repeated,
  spotted,
  type GroupState,
  type Painted,
} from './painting';

const letters: Record<string, GroupState> = { b: 'bright', w: 'warm', u: 'dull', d: 'dark', x: 'burst' };

function ring(text: string, over: Partial<Painted> = {}): Painted {
  return {
    connection: 'wye',
    poles: String(text.length / 3),
    groups: [...text].map((c) => letters[c] ?? 'bright'),
    spots: [],
    groupCoils: [],
    circuits: '',
    worseEnd: '',
    ...over,
  };
}

const letterOf = Object.fromEntries(Object.entries(letters).map(([letter, state]) => [state, letter]));

const read = (map: Painted) => map.groups.map((s) => letterOf[s]).join('');

describe('a painted ring', () => {
  it('names groups in the order A, C, B', () => {
    expect([0, 1, 2, 3, 4, 5, 11].map(groupName)).toEqual(['A1', 'C1', 'B1', 'A2', 'C2', 'B2', 'B4']);
  });

  it('is painted a phase at once', () => {
    expect(read(painted(ring('bbbbbbbbbbbb'), (g) => g % 3 === 1, 'dark'))).toBe('bdbbdbbdbbdb');
  });

  it('repeats its first pole pair round, or three groups where there are no six', () => {
    expect(read(repeated(ring('ddbddbbbbbbb')))).toBe('ddbddbddbddb');
    expect(read(repeated(ring('dbbbbbbbb')))).toBe('dbbdbbdbb');
  });

  it('turned over twice is itself, spots and coils with it', () => {
    const map = ring('dwubbbbbbxbb', {
      spots: [
        { group: '2', spot: 'in-slot' },
        { group: '1', spot: 'slot-edge' },
      ],
      groupCoils: ['4', '3', '4', '3', '4', '3', '4', '3', '4', '3', '4', '5'],
    });
    expect(mirrored(mirrored(map))).toEqual(map);
    const over = mirrored(map);
    expect(read(over)).toBe('dbbxbbbbbbuw');
    expect(over.spots.map((s) => s.group)).toEqual(['12', '1']);
    expect(over.groupCoils[1]).toBe('5');
  });

  it('drops a spot and takes it off again', () => {
    const once = spotted(ring('bbbbbb'), 4, 'in-slot');
    expect(once.spots).toEqual([{ group: '5', spot: 'in-slot' }]);
    expect(spotted(once, 4, 'slot-edge').spots).toHaveLength(2);
    expect(spotted(once, 4, 'in-slot').spots).toEqual([]);
  });

  it('takes coils of uneven groups as a run laid round', () => {
    expect(coilsRound('4 3', 6)).toEqual(['4', '3', '4', '3', '4', '3']);
    expect(coilsTyped(['4', '3', '4', '3', '4', '3'])).toBe('4 3');
    expect(coilsTyped(['4', '3', '3', '4', '4', '3'])).toBe('4 3 3 4 4 3');
    expect(coilsRound(' ', 6)).toEqual([]);
  });

  it('has three groups a pole, half of it with consequent poles, and keeps what is there while poles make no sense', () => {
    expect(forPoles(ring('dddddd'), '8').groups).toHaveLength(24);
    expect(forPoles(ring('dddddd'), '8', true).groups).toHaveLength(12);
    const odd = forPoles(ring('dddddd'), '5');
    expect(odd.poles).toBe('5');
    expect(read(odd)).toBe('dddddd');
  });
});
