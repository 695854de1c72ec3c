import { describe, expect, it } from 'vitest';
import { inWords, withFigures, written, writtenDifference, type Reading } from '../src/app/units';

// Factors of NIST SP 811, Appendix B, as the yard sends them.
const pairs: Reading['pairs'] = [
  { unit: 'mm', other: 'in', symbol: 'in', per: 1 / 25.4, offset: 0, places: 2 },
  { unit: 'degC', other: 'degF', symbol: '°F', per: 1.8, offset: 32, places: 0 },
  { unit: 'bar', other: 'psi', symbol: 'psi', per: 14.503773773, offset: 0, places: -1 },
];
const reading = (shown: Reading['shown']): Reading => ({ shown, pairs });

describe('a figure', () => {
  it.each([
    ['si', '6 mm'],
    ['us', '0.24 in'],
    ['si_first', '6 mm (0.24 in)'],
    ['us_first', '0.24 in (6 mm)'],
  ] as const)('is written for who reads %s: %s', (shown, words) => {
    expect(inWords('6', 'mm', reading(shown))).toBe(words);
  });

  it('without another unit is written as it is, whatever somebody reads', () => {
    expect(inWords('1842.3', 'h', reading('us'))).toBe('1\u2009842.3 h');
    expect(inWords('3', 'pcs', reading('us_first'))).toBe('3');
  });

  it('keeps as many decimals as tell two neighbours apart, and no less than none', () => {
    expect(written('6.5', 'mm', reading('us'))[0].text).toBe('0.256');
    expect(written('15', 'bar', reading('us'))[0].text).toBe('218');
    expect(written('15.2', 'bar', reading('us'))[0].text).toBe('220');
  });

  it('of a temperature has its zero elsewhere, and a difference of two has not', () => {
    expect(written('-25', 'degC', reading('us'))[0].text).toBe('−13');
    expect(writtenDifference('-10', 'degC', reading('us'))).toEqual({ text: '−18', unit: '°F' });
    expect(writtenDifference('-10', 'degC', reading('si_first'))).toEqual({ text: '−10', unit: '°C' });
    expect(writtenDifference('29.6', 'h', reading('us'))).toEqual({ text: '+29.6', unit: 'h' });
  });
});

describe('a text that names figures', () => {
  const figures = { axles_in_angle: { value: '10', unit: 'deg' }, mast_creep_length: { value: '100', unit: 'mm' } };

  it('is read with the figures of the model, and as it stands where they are not known', () => {
    const si: Reading = { shown: 'si', pairs: [] };

    expect(withFigures('Sinks no more than {mast_creep_length}.', figures, si)).toBe('Sinks no more than 100 mm.');
    expect(withFigures('Halts at {axles_in_angle}.', figures, si)).toMatch(/^Halts at 10 ?°\.$/);
    expect(withFigures('Halts at {axles_in_angle}.', undefined, si)).toBe('Halts at {axles_in_angle}.');
    expect(withFigures('Nothing moves.', figures, si)).toBe('Nothing moves.');
  });
});
