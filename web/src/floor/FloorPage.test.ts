import { describe, expect, it } from 'vitest';
import type { FloorRow } from '../api/types';
import { matches } from './FloorPage';

const row: FloorRow = {
  tag: 'TQ-0401',
  customer: 'Harrow Grain Terminal',
  machine: 'bucket elevator',
  motor: '30 kW · 400 V Y',
  station: 'cause',
  nextAction: 'Conclude: lost phase 99 %',
  nextStep: 'cause',
  worst: 'stop',
  gate: 'shut',
  urgency: 'usual',
  promisedAt: null,
  hoursInShop: 121,
  outageSoFar: 7260,
};

describe('finding a job on the floor', () => {
  it.each([
    ['', true],
    ['401', true],
    ['grain 30 kw', true],
    ['ELEVATOR harrow', true],
    ['lost phase', true],
    ['grain crusher', false],
  ])('“%s”', (words, found) => {
    expect(matches(row, words)).toBe(found);
  });
});
