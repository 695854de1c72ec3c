import type { Schema } from '../../api/client';

type Point = [string, string];
type Zone = Schema['LoadZone'];

const POINT = /^(-?\d{1,3}(?:\.\d{1,3})?)\s+(-?\d{1,3}(?:\.\d{1,3})?)$/;
const ZONE = /^(\d{1,6}(?:\.\d{1,3})?)\s*(?:kg)?\s*:\s*(.+)$/;

/** Rows that were read, and the number of the first one that cannot be. */
export interface Rows<Row> {
  rows: Row[];
  wrong: number | null;
}

/** "11.3 6.0" in each row: metres out, metres up. A comma is a decimal sign here. */
export function pointsOf(text: string): Rows<Point> {
  return read(text, (row) => pointOf(row.replaceAll(',', '.')));
}

/** "2600: 0 0, 1.2 0, 1.2 4.6" in each row: a load in kilograms and the points around its zone. */
export function zonesOf(text: string): Rows<Zone> {
  return read(text, (row) => {
    const parts = ZONE.exec(row);
    const where = (parts?.[2] ?? '').split(',').map((one) => pointOf(one));

    return parts === null || where.length < 3 || where.includes(null)
      ? null
      : { load: `${parts[1]} kg`, where: where as Point[] };
  });
}

export const rowsOfPoints = (points: string[][]): string => points.map((point) => point.join(' ')).join('\n');

export const rowsOfZones = (zones: Zone[]): string =>
  zones
    .map(({ load, where }) => `${load.replace(' kg', '')}: ${where.map((point) => point.join(' ')).join(', ')}`)
    .join('\n');

function pointOf(text: string): Point | null {
  const parts = POINT.exec(text.trim());

  return parts === null ? null : [parts[1] ?? '', parts[2] ?? ''];
}

function read<Row>(text: string, of: (row: string) => Row | null): Rows<Row> {
  const rows: Row[] = [];
  for (const [at, line] of text.split('\n').entries()) {
    if (line.trim() === '') {
      continue;
    }
    const row = of(line.trim());
    if (row === null) {
      return { rows, wrong: at + 1 };
    }
    rows.push(row);
  }

  return { rows, wrong: null };
}
