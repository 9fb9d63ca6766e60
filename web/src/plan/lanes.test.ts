import { describe, expect, it } from 'vitest';
import type { PlanItem } from '../api/types';
import { blocks, SHUTS_MIN, wall, when, workingDays } from './lanes';

const bake: PlanItem = {
  task: 'TQ-1/bake',
  job: 'TQ-1',
  name: 'Bake',
  placeKind: 'bake-oven',
  place: 'Bake oven',
  worker: 'Mara',
  work: [{ from: '2026-11-30T15:00:00Z', to: '2026-11-30T15:20:00Z' }],
  start: '2026-11-30T15:00:00Z',
  runsFrom: '2026-11-30T15:20:00Z',
  end: '2026-12-01T07:30:00Z',
  temperatureC: 150,
  setDown: false,
};
const DAYS = ['2026-11-30', '2026-12-01'];

describe('lanes of the plan', () => {
  it('reads times as they are on the wall of the shop, summer and winter', () => {
    expect(wall('2026-11-30T23:30:00Z', 'Europe/Athens')).toEqual({ day: '2026-12-01', minute: 90 });
    expect(wall('2026-07-01T05:00:00Z', 'Europe/Athens').minute).toBe(8 * 60);
  });

  it('shows a person only while they are at it', () => {
    const of = blocks([bake], { kind: 'person', name: 'Mara' }, 'UTC', DAYS);
    expect(of.map((b) => [b.day, b.from, b.to, b.alone])).toEqual([['2026-11-30', 900, 920, false]]);
  });

  it('cuts what an oven runs over night at the end of the board and goes on the next day', () => {
    const of = blocks([bake], { kind: 'place', name: 'Bake oven' }, 'UTC', DAYS);
    expect(of.map((b) => [b.day, b.from, b.to])).toEqual([
      ['2026-11-30', 900, SHUTS_MIN],
      ['2026-12-01', 360, 450],
    ]);
    expect(of.every((b) => b.alone)).toBe(true);
  });

  it('leaves out days that are over and those without work', () => {
    expect(workingDays([bake], '2026-11-30T20:00:00Z', 'UTC')).toEqual(['2026-11-30']);
    expect(workingDays([bake], '2026-12-01T08:00:00Z', 'UTC')).toEqual([]);
  });

  it('names a moment', () => {
    expect(when('2026-11-30T10:29:00Z', 'UTC')).toBe('Mon 30 Nov, 10:29');
    expect(when(null, 'UTC')).toBe('–');
  });
});
