import { describe, expect, it } from 'vitest';
import { chance, clock, hertz, hours, megohm, moment, money, ohm, percent, plain, unbroken } from './figures';

describe('figures', () => {
  it.each([
    [0, 4, '0'],
    [2.55491, 3, '2.55'],
    [0.0228, 4, '0.0228'],
    [1234.5, 3, '1235'],
    [12345.6, 4, '12\u202f346'],
    [-12345.6, 4, '−12\u202f346'],
    [99.96, 3, '100'],
    [1, 4, '1'],
    [0.1 + 0.2, 4, '0.3'],
  ])('%s to %s figures reads %s', (value, digits, text) => {
    expect(plain(value, digits)).toBe(text);
  });

  it.each([
    [0.0066, '6.6 kΩ'],
    [3.4, '3.4 MΩ'],
    [2600, '2.6 GΩ'],
    [0, '0 MΩ'],
  ])('%s megohm reads %s', (value, text) => {
    expect(megohm(value)).toBe(text);
  });

  it('takes the prefix the trade would use', () => {
    expect(ohm(0.0228)).toBe('22.8 mΩ');
    expect(ohm(5.295)).toBe('5.295 Ω');
    expect(hertz(7623.4)).toBe('7623 Hz');
    expect(hertz(12000)).toBe('12 kHz');
  });

  it('calls nothing certain and nothing impossible', () => {
    expect(chance(0.9999)).toBe('> 99 %');
    expect(chance(0.99)).toBe('99 %');
    expect(chance(0.0004)).toBe('< 0.1 %');
    expect(chance(0.001)).toBe('0.1 %');
  });

  it('gives a share one place below ten percent', () => {
    expect(percent(0.0073)).toBe('0.7 %');
    expect(percent(0.986)).toBe('99 %');
  });

  it('rounds money to whole units and sets thousands apart', () => {
    expect(money(64072.6)).toBe('64\u202f073');
    expect(money(5607.2)).toBe('5607');
  });

  it.each([
    [0.2, '12 min'],
    [3.7, '3 h'],
    [24, '1 d'],
    [54.5, '2 d 6 h'],
  ])('%s hours in the shop read %s', (value, text) => {
    expect(hours(value)).toBe(text);
  });

  it('keeps a figure and its unit on one line', () => {
    expect(unbroken('2.6 MΩ at 40 °C, limit 15 % of 3 Values')).toBe(
      '2.6\u00a0MΩ at 40\u00a0°C, limit 15\u00a0% of 3 Values',
    );
  });

  it('counts down in minutes and seconds, rounding up so that zero means over', () => {
    expect(clock(2292.2)).toBe('38:13');
    expect(clock(0)).toBe('0:00');
    expect(clock(0.1)).toBe('0:01');
  });

  it('names the day within the week and the date beyond', () => {
    const now = new Date(2026, 10, 24, 16, 0);
    expect(moment(new Date(2026, 10, 24, 9, 5).toISOString(), now)).toBe('09:05');
    expect(moment(new Date(2026, 10, 22, 9, 5).toISOString(), now)).toBe('Sun 09:05');
    expect(moment(new Date(2026, 10, 2, 9, 5).toISOString(), now)).toBe('2 Nov 09:05');
  });
});
