import { describe, expect, it } from 'vitest';
import { problemText } from './words';

describe('a problem', () => {
  it.each([
    ['ratedPowerW', 'ratedPowerW is missing', 'Rated power is missing'],
    [
      'readings[2].megohm',
      'readings[2].megohm is “x”; a figure is wanted',
      'Reading 3, megohm is “x”; a figure is wanted',
    ],
    [
      'details.ambientTemperatureC',
      'details.ambientTemperatureC is 900 °C',
      'Details, ambient temperature is 900 °C',
    ],
    ['', 'coreLengthM and boreDiameterM are one figure', 'Core length and bore diameter are one figure'],
    ['lines', 'lines[0].rate is missing', 'Line 1, rate is missing'],
    ['poles', 'poles is 5, which is odd', 'Poles is 5, which is odd'],
    ['x', 'At 22 kW and 60 kWh a day', 'At 22 kW and 60 kWh a day'],
  ])('at %s is told without a name of the contract', (field, message, told) => {
    expect(problemText({ field, message })).toBe(told);
  });

  it('takes the label of its field where it stands beside one', () => {
    expect(
      problemText({ field: 'ratedPowerW', message: 'ratedPowerW is missing' }, 'Power at the shaft'),
    ).toBe('Power at the shaft is missing');
  });
});
