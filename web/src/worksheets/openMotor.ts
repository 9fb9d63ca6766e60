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
  'shaft-runout': {
    extensionMm: '42',
    dialReadingsMm: ['0.000', '0.012', '0.021', '0.026', '0.022', '0.010', '0.002', '-0.004'],
  },
};
