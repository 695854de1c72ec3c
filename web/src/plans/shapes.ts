/** Line work as values: a drawing is a function of proportions that gives a list of shapes, ground first, top last. */

export type Weight = 'o' | 'p' | 'q' | 'h' | 'd' | 's' | 'k' | 'cl';

export interface Shape {
  tag: 'line' | 'rect' | 'circle' | 'path';
  weight: Weight;
  /** The catalogue's name for the part, so that it can be marked. */
  part?: string;
  transform?: string;
  attributes: Record<string, number | string>;
}

export const line = (x1: number, y1: number, x2: number, y2: number, weight: Weight = 'p'): Shape => ({
  tag: 'line',
  weight,
  attributes: { x1, y1, x2, y2 },
});

export const rect = (
  x: number,
  y: number,
  width: number,
  height: number,
  rx = 0,
  weight: Weight = 'o',
  part?: string,
): Shape => ({
  tag: 'rect',
  weight,
  part,
  attributes: { x, y, width, height, rx },
});

export const circle = (cx: number, cy: number, r: number, weight: Weight = 'p'): Shape => ({
  tag: 'circle',
  weight,
  attributes: { cx, cy, r },
});

export const path = (d: string, weight: Weight = 'o', part?: string): Shape => ({
  tag: 'path',
  weight,
  part,
  attributes: { d },
});

export const moved = (transform: string, shapes: Shape[]): Shape[] => shapes.map((shape) => ({ ...shape, transform }));

/** Louvres, tread plate, guide lines: evenly spaced lines across a rectangle. */
export function louvre(
  x: number,
  y: number,
  width: number,
  height: number,
  count: number,
  weight: Weight = 'h',
  upright = true,
): Shape[] {
  return Array.from({ length: count - 1 }, (_, at) => {
    const share = (at + 1) / count;

    return upright
      ? line(x + width * share, y, x + width * share, y + height, weight)
      : line(x, y + height * share, x + width, y + height * share, weight);
  });
}

/** A tyre from above, rolling along x. */
export function tyre(x: number, y: number, width: number, height: number, lugs: number, part?: string): Shape[] {
  const middle = y + height / 2;
  const tread = Array.from({ length: lugs - 1 }, (_, at) => {
    const u = x + (width * (at + 1)) / lugs;
    const back = u - (width / lugs) * 0.45;

    return [line(u, y + 2, back, middle, 'h'), line(back, middle, u, y + height - 2, 'h')];
  });

  return [rect(x, y, width, height, Math.min(height * 0.28, width * 0.12), 'o', part), ...tread.flat()];
}

/** A track chain from above, with a shoe every step. */
export function track(x: number, y: number, length: number, width: number, step: number, part: string): Shape[] {
  const shoes: Shape[] = [];
  for (let u = x + step; u < x + length - 2; u += step) {
    shoes.push(line(u, y, u, y + width));
  }
  const guides = [0.32, 0.68].map((share) =>
    line(x + length * 0.06, y + width * share, x + length * 0.94, y + width * share, 'h'),
  );

  return [rect(x, y, length, width, width * 0.2, 'o', part), ...shoes, ...guides];
}

/** A point on a circle, by degrees. */
export const onCircle = (cx: number, cy: number, r: number, degrees: number): [number, number] => [
  cx + r * Math.cos((degrees * Math.PI) / 180),
  cy + r * Math.sin((degrees * Math.PI) / 180),
];
