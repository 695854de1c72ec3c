import { ground, trailerSide } from './parts';
import { circle, line, louvre, path, rect, tyre, type Shape } from './shapes';

const outrigger = (x: number, side: 1 | -1, part: string): Shape[] => [
  rect(x - 5, side === 1 ? 50 : -84, 10, 34, 2, 'o', part),
  rect(x - 12, side === 1 ? 78 : -90, 24, 12, 3, 's', part),
];

/** A lighting tower from above: small canopy on four outriggers, mast laid along it with its lamp heads. */
export function lightingTowerPlan(): Shape[] {
  return [
    path('M-110,-26 L-206,0 L-110,26', 'p', 'drawbar'),
    path('M-110,-34 L-214,0 L-110,34', 'p', 'drawbar'),
    circle(-216, 0, 9, 'o'),
    circle(-168, 0, 7, 'q'),
    ...tyre(-30, -74, 64, 18, 7, 'wheel_right'),
    ...tyre(-30, 56, 64, 18, 7, 'wheel_left'),
    ...outrigger(-104, -1, 'outrigger_front_right'),
    ...outrigger(-104, 1, 'outrigger_front_left'),
    ...outrigger(112, -1, 'outrigger_rear_right'),
    ...outrigger(112, 1, 'outrigger_rear_left'),
    rect(-112, -56, 242, 112, 8, 'o', 'canopy'),
    line(20, -56, 20, 56),
    rect(-100, 4, 48, 36, 4, 'p', 'panel'),
    ...louvre(30, 8, 88, 40, 9),
    circle(-20, 30, 8, 'q'),
    rect(-140, -20, 276, 14, 2, 'o', 'mast'),
    line(-134, -13, 130, -13, 'h'),
    circle(126, -13, 6, 'q'),
    ...[-46, -24, -2, 20].map((y) => rect(-150, y - 9, 16, 18, 3, 'q')),
    line(-134, -50, -134, 26),
  ];
}

export const lightingTowerSide = (): Shape[] => [
  ...trailerSide([-112, 130], -38, -120, 2, -206),
  rect(-100, -104, 50, 60, 3, 'p'),
  ...louvre(30, -104, 88, 52, 9),
  rect(70, -330, 12, 214, 2),
  rect(73, -340, 6, 220, 1, 'p'),
  line(60, -150, 92, -150, 'o'),
  line(76, -340, 76, -352, 'o'),
  ...[-42, -14, 14, 42].flatMap((x) => [
    path(`M${64 + x},-366 h22 l4,16 h-30Z`, 'q'),
    line(62 + x, -350, 90 + x, -350, 'p'),
  ]),
  line(20, -352, 132, -352, 'o'),
  ...[-104, 112].flatMap((x) => [line(x, -46, x, -6, 'o'), rect(x - 12, -6, 24, 6, 1, 's')]),
  ground(-260, 180),
];
