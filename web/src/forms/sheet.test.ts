import { describe, expect, it } from 'vitest';
import { place } from './sheet';

describe('a pick put into a merged sheet', () => {
  it.each([
    ['maker', { maker: 'B' }, 'B'],
    ['details.frame', { details: { frame: '160M' } }, '160M'],
    ['groups[1]', { groups: ['dark', 'burst', 'dark'] }, 'burst'],
    ['further[0].ratedPowerW', { further: [{ ratedPowerW: '7 kW' }] }, '7 kW'],
  ])('lands at %s and nowhere else', (path, wanted, picked) => {
    const tree: object =
      path === 'maker'
        ? { maker: 'A' }
        : path === 'details.frame'
          ? {}
          : path === 'groups[1]'
            ? { groups: ['dark', 'dark', 'dark'] }
            : { further: [{ ratedPowerW: '8 kW' }] };
    place(tree, path, picked);
    expect(tree).toEqual(wanted);
  });
});
