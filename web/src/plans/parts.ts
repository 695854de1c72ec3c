import { circle, line, louvre, onCircle, path, rect, tyre, type Shape } from './shapes';

/**
 * Parts that many machines share, in centimetres. Plans: front to the left. Elevations: ground at y = 0, up is
 * negative.
 */

/** Two tyres of one axle from above, right one first. */
export const axle = (
  x: number,
  length: number,
  width: number,
  track: number,
  lugs: number,
  right: string,
  left: string,
): Shape[] => [
  rect(x - 7, -track / 2, 14, track, 3, 's'),
  ...tyre(x - length / 2, -track / 2 - width / 2, length, width, lugs, right),
  ...tyre(x - length / 2, track / 2 - width / 2, length, width, lugs, left),
];

/** A wheel from the side, with its rim and the lugs of its tread. */
export const wheelSide = (x: number, radius: number, lugs = 14): Shape[] => [
  circle(x, -radius, radius, 'o'),
  circle(x, -radius, radius * 0.6, 'q'),
  circle(x, -radius, radius * 0.2, 'q'),
  ...Array.from({ length: lugs }, (_, at) =>
    line(
      ...onCircle(x, -radius, radius * 0.86, (at * 360) / lugs),
      ...onCircle(x, -radius, radius, (at * 360) / lugs + 10),
      'h',
    ),
  ),
];

/** A track chain from the side: idler, sprocket, rollers. */
export function trackSide(from: number, to: number, height: number): Shape[] {
  const r = height / 2;
  const rollers = Math.max(3, Math.round((to - from) / 42));

  return [
    path(`M${from + r},${-height} H${to - r} a${r},${r} 0 0 1 0,${height} H${from + r} a${r},${r} 0 0 1 0,${-height}Z`),
    path(
      `M${from + r},${-height + 8} H${to - r} a${r - 8},${r - 8} 0 0 1 0,${height - 16} ` +
        `H${from + r} a${r - 8},${r - 8} 0 0 1 0,${-(height - 16)}Z`,
      'p',
    ),
    circle(from + r, -r, r * 0.62, 'q'),
    circle(from + r, -r, r * 0.2, 'q'),
    circle(to - r, -r, r * 0.62, 'q'),
    circle(to - r, -r, r * 0.24, 's'),
    ...Array.from({ length: rollers }, (_, at) =>
      circle(from + height + ((to - from - 2 * height) * at) / (rollers - 1), -height * 0.26, height * 0.13, 'q'),
    ),
    ...Array.from({ length: Math.floor((to - from - height) / 15) }, (_, at) =>
      line(from + r + at * 15, 0, from + r + at * 15, -6),
    ),
  ];
}

/** A cab from above: roof, front pane with its slashes, seat. */
export const cabPlan = (
  x: number,
  y: number,
  width: number,
  depth: number,
  seat: [number, number, number, number],
  part = 'cab',
): Shape[] => [
  rect(x, y, width, depth, 12, 'o', part),
  rect(x + 7, y + 7, width * 0.3, depth - 14, 5, 'p'),
  line(x + 14, y + 14, x + 14 + width * 0.13, y + depth * 0.44, 'h'),
  line(x + 22, y + 14, x + 22 + width * 0.13, y + depth * 0.44, 'h'),
  rect(...seat, 8, 'p', 'seat'),
  rect(seat[0] + seat[2] * 0.2, seat[1] + seat[3] * 0.18, seat[2] * 0.6, seat[3] * 0.64, 6, 'h'),
];

/** An open seat with its back and, before it, a wheel. */
export const seatPlan = (x: number, y: number, size: number, wheel?: number): Shape[] => [
  ...(wheel === undefined
    ? []
    : [
        circle(wheel, y, size * 0.42, 'q'),
        circle(wheel, y, size * 0.34),
        circle(wheel, y, size * 0.1, 'q'),
        line(wheel, y - size * 0.1, wheel, y - size * 0.34),
      ]),
  rect(x - size / 2, y - size / 2, size * 0.84, size, 6, 'o', 'seat'),
  rect(x + size * 0.3, y - size * 0.56, size * 0.24, size * 1.12, 5, 'o', 'seat'),
  ...[-0.26, 0, 0.26].map((share) => line(x - size * 0.4, y + size * share, x + size * 0.26, y + size * share, 'h')),
];

/** A cab from the side: frame, panes, door handle, roof. */
export const cabSide = (x: number, foot: number, width: number, height: number): Shape[] => [
  path(`M${x + 12},${foot - height} H${x + width - 6} q6,0 6,6 V${foot} H${x} V${foot - height * 0.5} Z`),
  path(
    `M${x + 17},${foot - height + 9} H${x + width * 0.52} V${foot - height * 0.34} H${x + 8} V${foot - height * 0.5}Z`,
    'p',
  ),
  path(
    `M${x + width * 0.58},${foot - height + 9} H${x + width - 9} V${foot - height * 0.34} H${x + width * 0.58}Z`,
    'p',
  ),
  line(x + width * 0.55, foot - height + 6, x + width * 0.55, foot - 6),
  line(x + width * 0.64, foot - height * 0.86, x + width * 0.8, foot - height * 0.44, 'h'),
  rect(x + width * 0.6, foot - height * 0.28, 12, 5, 1, 'k'),
];

/** Four posts and a roof over a seat, from the side. */
export const canopySide = (from: number, to: number, foot: number, top: number): Shape[] => [
  line(from, foot, from + 6, top, 'o'),
  line(to, foot, to - 4, top, 'o'),
  path(`M${from - 10},${top} H${to + 8} q4,0 4,-6 v-4 H${from - 2} q-8,2 -8,10Z`),
];

/** A seat with a wheel or levers before it, from the side. */
export const seatSide = (x: number, foot: number, size: number): Shape[] => [
  path(`M${x - size * 0.5},${foot} q-4,${-size * 0.3} 8,${-size * 0.34} H${x + size * 0.4} V${foot}Z`, 'q'),
  path(
    `M${x + size * 0.3},${foot - size * 0.24} q-2,${-size * 0.6} 10,${-size * 0.86} ` +
      `q10,-2 10,6 q0,${size * 0.5} -6,${size * 0.8}Z`,
    'q',
  ),
  line(x - size * 0.95, foot, x - size * 0.62, foot - size * 0.6, 'p'),
  line(x - size * 0.78, foot - size * 0.68, x - size * 0.46, foot - size * 0.5, 'o'),
];

/** A pair of forks on their carriage, from above; tips to the left. */
export const forksPlan = (tip: number, heel: number, gap: number, width: number, carriage: number): Shape[] => [
  path(
    `M${tip},${-gap / 2 - width * 0.8} L${tip + 14},${-gap / 2 - width} H${heel} V${-gap / 2} H${tip + 10}Z`,
    'o',
    'forks',
  ),
  path(
    `M${tip},${gap / 2 + width * 0.8} L${tip + 14},${gap / 2 + width} H${heel} V${gap / 2} H${tip + 10}Z`,
    'o',
    'forks',
  ),
  rect(heel, -carriage / 2, 12, carriage, 3, 's', 'carriage'),
  ...Array.from({ length: 5 }, (_, at) =>
    line(
      heel + 2,
      -carriage / 2 + ((at + 1) * carriage) / 6,
      heel + 10,
      -carriage / 2 + ((at + 1) * carriage) / 6,
      'h',
    ),
  ),
];

/** A two-stage mast from above: outer channels, chains, lift cylinder. */
export const mastPlan = (x: number, depth: number, width: number, part = 'mast'): Shape[] => [
  rect(x, -width / 2, depth, 11, 2, 'o', part),
  rect(x, width / 2 - 11, depth, 11, 2, 'o', part),
  line(x + depth / 2, -width / 2 + 11, x + depth / 2, width / 2 - 11, 'p'),
  circle(x + depth / 2, 0, depth * 0.32, 'q'),
  circle(x + depth / 2, -width * 0.22, 2.4, 'k'),
  circle(x + depth / 2, width * 0.22, 2.4, 'k'),
];

/** A mast from the side, standing on its foot, with the carriage low. */
export const mastSide = (x: number, depth: number, top: number, foot: number): Shape[] => [
  rect(x, top, depth * 0.46, foot - top, 2),
  rect(x + depth * 0.5, top + 12, depth * 0.46, foot - top - 12, 2, 'q'),
  ...louvre(x, top + 16, depth * 0.46, foot - top - 30, 9, 'h', false),
];

/** A fork and its back from the side. */
export const forkSide = (tip: number, heel: number, height: number): Shape[] => [
  path(`M${tip},-4 L${heel - 6},-9 V${-height} H${heel} V-3 H${tip}Z`),
  rect(heel, -height - 34, 9, height + 18, 2, 's'),
];

/** A box of sheet metal with doors and louvres at the end, from the side, on wheels with a drawbar. */
export const trailerSide = (
  canopy: [number, number],
  foot: number,
  top: number,
  wheelAt: number,
  eye: number,
): Shape[] => [
  path(`M${canopy[0]},${foot + 16} L${eye},${foot + 26} l-8,0 v-8 h8 L${canopy[0]},${foot - 4}`, 'p'),
  circle(eye - 8, foot + 22, 6, 'q'),
  line(eye + 26, foot + 22, eye + 26, -12, 'o'),
  circle(eye + 26, -7, 7, 'q'),
  path(`M${canopy[0]},${foot} V${top + 12} q2,-12 14,-12 H${canopy[1] - 12} q12,2 12,14 V${foot}Z`),
  line(canopy[0], foot - 10, canopy[1], foot - 10, 'p'),
  ...wheelSide(wheelAt, Math.abs(foot) * 0.72, 12),
  path(`M${wheelAt - 40},${foot} q6,-24 40,-24 q34,0 40,24`, 'p'),
];

export const ground = (from: number, to: number): Shape => line(from, 0, to, 0, 'o');
