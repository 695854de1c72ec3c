import { describe, expect, it } from 'vitest';
import { pointsOf, rowsOfPoints, rowsOfZones, zonesOf } from '../src/features/catalogue/chartRows';

describe('charts that are typed from a manual', () => {
  it('reads a point a row, with either decimal sign, and says which row it cannot read', () => {
    expect(pointsOf('0 0\n 11,3  6.0 \n\n-2.6 9.6')).toEqual({
      rows: [['0', '0'], ['11.3', '6.0'], ['-2.6', '9.6']],
      wrong: null,
    });
    expect(pointsOf('0 0\n11.3')).toEqual({ rows: [['0', '0']], wrong: 2 });
  });

  it('reads a zone a row, and writes both back as they were', () => {
    const text = '2600: 0 0, 1.2 0, 1.2 4.6\n900: 0 0, 3.3 0, 0 5.9';
    const { rows, wrong } = zonesOf(text);
    expect(wrong).toBeNull();
    expect(rows[1]).toEqual({ load: '900 kg', where: [['0', '0'], ['3.3', '0'], ['0', '5.9']] });
    expect(rowsOfZones(rows)).toBe(text);
    expect(rowsOfPoints([['1', '2'], ['3', '4']])).toBe('1 2\n3 4');
    expect(zonesOf('2600: 0 0, 1 1').wrong).toBe(1);
    expect(zonesOf('lots: 0 0, 1 1, 2 2').wrong).toBe(1);
  });
});
