import { describe, expect, it } from 'vitest';
import { inUsUnits } from './units';

/** 1 hp = 745.699872 W, 1 in = 25.4 mm, 1 lb = 0.45359237 kg, exact by definition but the first. */
describe('a sentence in US customary units', () => {
  it.each([
    ['15 kW · 400 V Y · 29 A · 1460 r/min', '20.1 hp · 400 V Y · 29 A · 1460 r/min'],
    ['370 W', '0.496 hp'],
    ['11 kW (8.07 to 15 kW)', '14.8 hp (10.8 to 20.1 hp)'],
    ['310 kg: over the 25 kg one person may lift', '683 lb: over the 55.1 lb one person may lift'],
    ['3.04 MΩ at 40 °C, winding at −5 °C', '3.04 MΩ at 104 °F, winding at 23 °F'],
    ['shaft height 160 mm', 'shaft height 6.3 in'],
    ['97.8 Nm', '72.1 lb·ft'],
    ['36.58 m of cable, over 30 m', '120 ft of cable, over 30 m'],
  ])('%s', (metric, us) => {
    expect(inUsUnits(metric)).toBe(us);
  });

  it.each([
    '3.5 to 7 A/mm²',
    '14 mm²',
    '10.1 W/kg',
    'IEC 60034-1, cl. 10',
    '500 MΩ',
    '12.5 kVA',
    '5 K over the mean',
  ])('leaves %s alone', (text) => {
    expect(inUsUnits(text)).toBe(text);
  });
});
