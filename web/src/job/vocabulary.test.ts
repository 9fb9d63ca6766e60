import { describe, expect, it } from 'vitest';
import { marked, NO_LOG, spokenPart, takenOff } from './vocabulary';

describe('a log of parts', () => {
  it('gives each part a number of its own and keeps their order', () => {
    let log = NO_LOG;
    for (let n = 0; n < 300; n++) {
      log = takenOff(log, `part ${n}`, 'frame');
    }
    log = takenOff(log, 'Shaft key', 'drive-end', { small: true });
    expect(new Set(log.parts.map((p) => p.id)).size).toBe(301);
    expect(log.parts.every((p) => p.id >= 1 && p.id <= 9999)).toBe(true);
    expect(log.parts[7]?.part).toBe('part 7');
    expect(log.parts[300]?.small).toBe(true);
  });

  it('names a part with its place as the core does', () => {
    expect(spokenPart({ part: 'Rotor', end: 'frame' })).toBe('Rotor');
    expect(spokenPart({ part: 'Bearing', end: 'non-drive-end' })).toBe('Bearing, non-drive end');
  });

  it('has one mark for a joint, and none when it is taken away', () => {
    const once = marked(NO_LOG, 'Bracket', 'drive-end', 'one dot');
    const twice = marked(once, 'Bracket', 'drive-end', 'notch');
    expect(twice.marks).toEqual([{ joint: 'Bracket', end: 'drive-end', mark: 'notch' }]);
    expect(marked(twice, 'Bracket', 'drive-end', '').marks).toEqual([]);
    expect(marked(once, 'Bracket', 'non-drive-end', 'two dots').marks).toHaveLength(2);
  });
});
