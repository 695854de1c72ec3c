import { afterEach, describe, expect, it, vi } from 'vitest';
import {
  atStep,
  clock,
  decimalMark,
  duration,
  figure,
  longDate,
  setLocale,
  setZone,
  shortDate,
  signed,
  unbroken,
} from '../src/app/figures';

afterEach(() => {
  setZone('UTC');
  setLocale('en-GB');
});

describe('figures', () => {
  it.each([
    ['1234567.5', '1\u2009234\u2009567.5'],
    ['-12.50', '\u221212.50'],
    ['999', '999'],
    ['0', '0'],
  ])('%s is read as %s', (decimal, read) => expect(figure(decimal)).toBe(read));

  it.each([
    ['3', '+3'],
    ['-3', '\u22123'],
    ['0.0', '0'],
  ])('a difference of %s is %s', (decimal, read) => expect(signed(decimal)).toBe(read));

  it.each([
    [0, '0 min'],
    [-5, '0 min'],
    [3540, '59 min'],
    [3600, '1 h 00'],
    [6180, '1 h 43'],
  ])('%i s last %s', (seconds, read) => expect(duration(seconds)).toBe(read));

  it.each([
    [12.34, 0.1, '12.3'],
    [12.34, 0.05, '12.34'],
    [12.34, 1, '12'],
    [12.34, 5, '12'],
  ])('%f at a step of %f is %s', (value, step, read) => expect(atStep(value, step)).toBe(read));
});

describe('moments', () => {
  const moment = '2026-11-25T23:30:00Z';

  it('are read in the time zone of the yard', () => {
    expect(clock(moment)).toBe('23:30');
    setZone('Europe/Madrid');
    expect([clock(moment), longDate(moment)]).toEqual(['00:30', 'Thursday 26 November']);
  });

  it('are written as the language writes them, with a capital at the head of a page', () => {
    setLocale('es-ES');
    expect(longDate(moment)).toBe('Miércoles 25 de noviembre');
    expect(shortDate(moment)).toMatch(/^25 nov\.? 23:30$/);
  });
});

describe('the clock of the tablet', () => {
  it('is remarked upon from two minutes on, and not before', async () => {
    const { minutesAhead, noteYardTime } = await import('../src/app/clockSkew');
    vi.setSystemTime(new Date('2026-11-25T12:00:00Z'));
    noteYardTime('Wed, 25 Nov 2026 11:58:30 GMT');
    expect(minutesAhead()).toBe(0);
    noteYardTime('Wed, 25 Nov 2026 11:20:00 GMT');
    expect(minutesAhead()).toBe(40);
    noteYardTime('Wed, 25 Nov 2026 12:40:00 GMT');
    expect(minutesAhead()).toBe(-40);
    noteYardTime('nonsense');
    noteYardTime(null);
    expect(minutesAhead()).toBe(-40);
    noteYardTime('Wed, 25 Nov 2026 12:00:00 GMT');
    expect(minutesAhead()).toBe(0);
    vi.useRealTimers();
  });
});

describe('the decimal mark', () => {
  // Unicode CLDR: a point in English, a comma in Spanish.
  it('is that of the language', () => {
    setLocale('es');
    expect(figure('1842.3')).toBe('1\u2009842,3');
    expect(decimalMark()).toBe(',');
    setLocale('en-GB');
    expect(figure('1842.3')).toBe('1\u2009842.3');
  });
});

describe('a sentence with figures', () => {
  // Common practice: the SI Brochure (9th edition, 5.4.3) puts a space between figure and unit, and it is not broken.
  it.each([
    ['Oil at 20 to 40 °C', 'Oil at 20 to 40\u00a0°C'],
    ['Engine off, 5 min at least', 'Engine off, 5\u00a0min at least'],
    ['20 kVA generator', '20\u00a0kVA generator'],
    ['tractor de 26 CV', 'tractor de 26\u00a0CV'],
    ['Level, within 2°', 'Level, within 2°'],
    ['4 members, 3 men', '4 members, 3 men'],
    ['Seal 4 above the 2 lines', 'Seal 4 above the 2 lines'],
  ])('ends no line before a unit: %s', (words, kept) => {
    expect(unbroken(words)).toBe(kept);
  });
});
