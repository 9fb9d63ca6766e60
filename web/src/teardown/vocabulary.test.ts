import { describe, expect, it } from 'vitest';
import { marked, NO_LOG, spokenPart, takenOff } from './vocabulary';

describe('a log of parts', () => {
  it('gives each part a number once, also after one was taken out', () => {
    let log = takenOff(takenOff(NO_LOG, 'Fan', 'other-end'), 'Rotor', 'frame');
    log = takenOff({ ...log, parts: log.parts.slice(1) }, 'Shaft key', 'drive-end', { small: true });
    expect(log.parts.map((p) => [p.id, p.part, p.small])).toEqual([
      [2, 'Rotor', false],
      [3, 'Shaft key', true],
    ]);
  });

  it('names a part with its place as the core does', () => {
    expect(spokenPart({ part: 'Rotor', end: 'frame' })).toBe('Rotor');
    expect(spokenPart({ part: 'Bearing', end: 'other-end' })).toBe('Bearing, other end');
  });

  it('has one mark for a joint, and none when it is taken away', () => {
    const once = marked(NO_LOG, 'Bracket', 'drive-end', 'one dot');
    const twice = marked(once, 'Bracket', 'drive-end', 'notch');
    expect(twice.marks).toEqual([{ joint: 'Bracket', end: 'drive-end', mark: 'notch' }]);
    expect(marked(twice, 'Bracket', 'drive-end', '').marks).toEqual([]);
    expect(marked(once, 'Bracket', 'other-end', 'two dots').marks).toHaveLength(2);
  });
});
