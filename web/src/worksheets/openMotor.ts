import type { Typed } from '../api/types';

/** Examples of what is measured on an open motor. */
export const OPEN_MOTOR: Record<string, Typed> = {
  'bearing-fit': {
    designation: '6313 C3',
    seat: 'shaft',
    fitClass: 'k5',
    planesMm: [
      ['65.010', '65.006', '65.008'],
      ['65.009', '65.007', '65.012'],
    ],
  },
  'bearing-seats': {
    seats: [
      { place: 'drive-end', seat: 'shaft', designation: '6313 C3', planesMm: [['65.010', '65.006']] },
      { place: 'drive-end', seat: 'housing', designation: '6313 C3', planesMm: [['140.041', '140.018']] },
    ],
  },
  'air-gap': { gapsMm: ['0.46', '0.45', '0.42', '0.39', '0.38', '0.40', '0.43', '0.45'] },
  'bracket-registers': {
    registers: [
      { place: 'drive-end', bracketMm: ['249.978', '249.981'], frameMm: ['250.021', '250.030'] },
      { place: 'other-end', bracketMm: ['249.931', '249.940'], frameMm: ['250.018', '250.026'] },
    ],
    meanGapMm: '0.42',
  },
  'key-seat': {
    extensionMm: '42',
    seatWidthsMm: ['11.982', '11.985', '11.994'],
    keyWidthsMm: ['11.968', '11.970'],
  },
  'shaft-runout': {
    extensionMm: '42',
    dialReadingsMm: ['0.000', '0.012', '0.021', '0.026', '0.022', '0.010', '0.002', '-0.004'],
  },
};
