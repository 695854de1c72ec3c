import type { Schema } from '../api/client';
import { figure, signed, unitName } from './figures';

export type UnitPair = Schema['Session']['unit_pairs'][number];

export interface Written {
  text: string;
  unit: string;
}

/** How somebody reads figures: which of two units, and what the second one of each is. */
export interface Reading {
  shown: Schema['UnitsShown'];
  pairs: UnitPair[];
}

/** A decimal text in the units that are asked for, the one that is read first at the head. */
export function written(value: string, unit: string, { shown, pairs }: Reading): [Written, ...Written[]] {
  const own = { text: figure(value), unit: unitName(unit) };
  const pair = pairs.find((one) => one.unit === unit);
  if (pair === undefined || shown === 'si') {
    return [own];
  }
  const other = { text: figure(converted(value, pair, pair.offset)), unit: pair.symbol };

  if (shown === 'us') {
    return [other];
  }

  return shown === 'us_first' ? [other, own] : [own, other];
}

/** A difference of two figures, signed, in the unit that is read first. */
export function writtenDifference(value: string, unit: string, { shown, pairs }: Reading): Written {
  const pair = pairs.find((one) => one.unit === unit);

  return pair === undefined || shown === 'si' || shown === 'si_first'
    ? { text: signed(value), unit: unitName(unit) }
    : { text: signed(converted(value, pair, 0)), unit: pair.symbol };
}

/** On one line: 6 mm (0.24 in). */
export function inWords(value: string, unit: string, reading: Reading): string {
  const [first, second] = written(value, unit, reading);
  const words = ({ text, unit: name }: Written) => `${text} ${name}`.trim();

  return second === undefined ? words(first) : `${words(first)} (${words(second)})`;
}

/** A text in which names in braces stand for figures, as somebody reads them. */
export function withFigures(
  text: string,
  figures: Record<string, { value: string; unit: string }> | undefined,
  reading: Reading,
): string {
  return text.replace(/\{([a-z0-9_]+)\}/g, (name, key: string) => {
    const one = figures?.[key];

    return one === undefined ? name : inWords(one.value, one.unit, reading);
  });
}

/** With as many decimals more as the other unit needs to tell two neighbours apart. */
function converted(value: string, pair: UnitPair, offset: number): string {
  const places = Math.max(0, (value.split('.')[1]?.length ?? 0) + pair.places);

  return (Number(value) * pair.per + offset).toFixed(places);
}
