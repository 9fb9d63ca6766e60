import { describe, expect, it } from 'vitest';
import { linesOf } from './chartLines';

describe('lines of a test', () => {
  it('draws a ramp by volts and microamperes, whatever unit stands beside them', () => {
    const lines = linesOf(
      'step-voltage',
      {
        steps: [
          { voltageV: '170 V', microamp: '0.1' },
          { voltageV: '340', microamp: '0.2 µA' },
          { voltageV: '', microamp: '' },
        ],
      },
      {},
    );
    expect(lines?.series[0]?.points).toEqual([
      [170, 0.1],
      [340, 0.2],
    ]);
  });

  it('draws nothing where one point is all there is', () => {
    expect(linesOf('step-voltage', { steps: [{ voltageV: '170', microamp: '0.1' }] }, {})).toBeUndefined();
    expect(linesOf('vibration', { readings: [] }, {})).toBeUndefined();
  });

  it('draws rising pulses from what was judged, a line for each lead', () => {
    const lines = linesOf(
      'surge-rise',
      {},
      {
        limitPercent: 5,
        pairs: [
          { lead: 'a', toV: 300, differencePercent: 0.4 },
          { lead: 'a', toV: 450, differencePercent: 22 },
          { lead: 'b', toV: 300, differencePercent: 0.3 },
        ],
      },
    );
    expect(lines?.limit).toBe(5);
    expect(lines?.series.map((s) => s.points.length)).toEqual([2, 1, 0]);
  });
});
