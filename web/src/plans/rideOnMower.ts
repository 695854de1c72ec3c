import { circle, line, louvre, onCircle, path, rect, tyre, type Shape } from './shapes';

export interface MowerProportions {
  deckWidth: number;
  collector: boolean;
}

const USUAL: MowerProportions = { deckWidth: 122, collector: true };

/** A ride-on mower from above, in centimetres: front to the left, left-hand side at the foot. */
export function mowerPlan(own: Partial<MowerProportions> = {}): Shape[] {
  const p = { ...USUAL, ...own };
  const half = p.deckWidth / 2;

  return [
    rect(-88, -42, 10, 84, 3, 's'),
    ...tyre(-104, -50, 40, 16, 6, 'wheel_front_right'),
    ...tyre(-104, 34, 40, 16, 6, 'wheel_front_left'),
    path(
      `M-46,-${half - 22} q4,-20 24,-22 H22 q14,2 18,16 V${half - 16} q-4,14 -18,16 H-22 q-20,-2 -24,-22 Z`,
      's',
      'deck',
    ),
    circle(-14, -36, 19, 'd'),
    circle(6, 0, 19, 'd'),
    circle(-14, 36, 19, 'd'),
    circle(-52, -half + 22, 6, 'q'),
    circle(-52, half - 22, 6, 'q'),
    ...tyre(46, -58, 58, 26, 8, 'wheel_rear_right'),
    ...tyre(46, 32, 58, 26, 8, 'wheel_rear_left'),
    rect(-34, -46, 72, 92, 8, 'q'),
    ...louvre(-28, -44, 50, 16, 9),
    ...louvre(-28, 28, 50, 16, 9),
    path('M28,-52 q2,-8 12,-8 H92 q10,0 12,8 V52 q-2,8 -12,8 H40 q-10,0 -12,-8Z', 'o', 'body'),
    ...louvre(36, -54, 60, 14, 8),
    rect(36, 40, 60, 14, 3, 'q', 'fender'),
    ...louvre(36, 40, 60, 14, 8),
    ...hood(),
    rect(-18, -27, 24, 54, 6, 'o', 'dash'),
    circle(14, 0, 19),
    circle(14, 0, 16),
    circle(14, 0, 5, 'q'),
    line(14, -5, 14, -16),
    line(10, 3, 1, 11),
    line(18, 3, 27, 11),
    circle(-8, -18, 4, 'q'),
    rect(-13, 14, 8, 8, 2, 'q'),
    path('M40,-22 q-6,0 -6,8 V14 q0,8 6,8 H78 V-22Z', 'o', 'seat'),
    rect(74, -26, 14, 52, 6, 'o', 'seat'),
    ...[-12, 0, 12].map((y) => line(46, y, 72, y, 'h')),
    ...(p.collector ? collector() : [rect(104, -34, 12, 68, 3, 's', 'rear_plate')]),
  ];
}

function hood(): Shape[] {
  return [
    path('M-22,-33 H-92 q-30,4 -30,33 q0,29 30,33 H-22 q4,0 4,-4 V-29 q0,-4 -4,-4Z', 'o', 'hood'),
    path('M-108,-22 q-12,6 -12,22 q0,16 12,22', 'p'),
    line(-92, -12, -26, -12, 'h'),
    line(-92, 12, -26, 12, 'h'),
    path('M-92,-12 q-10,0 -10,12 q0,12 10,12', 'h'),
    ...louvre(-84, -31, 40, 12, 7),
    ...louvre(-84, 19, 40, 12, 7),
  ];
}

function collector(): Shape[] {
  return [
    rect(106, -44, 10, 88, 2, 's', 'rear_plate'),
    path('M116,-56 H172 q14,2 14,16 V40 q0,14 -14,16 H116Z', 'o', 'collector'),
    rect(124, -46, 50, 92, 6, 'p'),
    ...louvre(128, -42, 42, 84, 9, 'h', false),
    rect(184, -16, 8, 32, 3, 'q'),
  ];
}

/** The mower from its left side, on its ground line at y = 0. */
export function mowerSide(): Shape[] {
  const wheel = (x: number, r: number) => [
    circle(x, -r, r, 'o'),
    circle(x, -r, r * 0.62, 'q'),
    circle(x, -r, r * 0.2, 'q'),
    ...Array.from({ length: 12 }, (_, at) =>
      line(...onCircle(x, -r, r * 0.84, at * 30), ...onCircle(x, -r, r, at * 30 + 12), 'h'),
    ),
  ];

  return [
    path('M116,-104 H176 q14,2 14,16 V-44 q0,12 -14,14 H130 q-14,-30 -14,-74Z'),
    ...louvre(126, -98, 56, 56, 6, 'h', false),
    rect(106, -96, 10, 60, 2, 's'),
    path('M-46,-30 q2,-10 14,-12 H26 q12,2 14,12 V-12 H-46Z', 's'),
    line(-46, -18, 40, -18, 'h'),
    path('M-120,-52 q0,-30 34,-36 L-24,-96 V-46 H-114 q-6,0 -6,-6Z'),
    ...louvre(-92, -76, 44, 22, 7),
    path('M-24,-92 H-2 L6,-50 H-24Z', 'q'),
    line(-6, -90, 14, -112, 'o'),
    path('M4,-118 L26,-104', 'o'),
    path('M28,-50 Q30,-74 52,-76 H104 q8,0 8,10 V-46 H30Z'),
    path('M40,-76 q-4,-12 6,-14 H74 q4,0 4,6 v8Z', 'q'),
    path('M74,-78 q-2,-30 8,-42 q8,-4 10,4 q2,24 -4,38Z', 'q'),
    rect(-34, -46, 70, 6, 2, 'q'),
    ...wheel(-84, 20),
    ...wheel(75, 29),
    line(-150, 0, 210, 0, 'o'),
  ];
}
