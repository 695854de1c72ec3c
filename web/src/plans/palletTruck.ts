import { ground, wheelSide } from './parts';
import { circle, line, louvre, path, rect, type Shape } from './shapes';

const fork = (y: number, part: string): Shape[] => [
  path(`M-130,${y + 3} q0,-3 6,-3 H0 V${y + 20} H-124 q-6,0 -6,-3Z`, 'o', part),
  rect(-118, y + 5, 30, 10, 3, 'd'),
];

/** A ride-on pallet truck from above: two forks, battery box, drive unit, tiller over a rider deck. */
export function palletTruckPlan(): Shape[] {
  return [
    ...fork(-30, 'fork_right'),
    ...fork(10, 'fork_left'),
    rect(-12, -32, 16, 64, 3, 's', 'forks'),
    rect(4, -34, 30, 68, 4, 'o', 'battery_box'),
    line(19, -34, 19, 34, 'h'),
    path('M34,-34 H56 q12,2 12,14 V20 q0,12 -12,14 H34Z', 'o', 'drive_unit'),
    ...louvre(38, -28, 10, 56, 7, 'h', false),
    circle(54, 0, 9, 'q'),
    rect(66, -30, 40, 60, 5, 'q', 'deck'),
    ...louvre(70, -26, 32, 52, 7, 'h'),
    rect(54, -4, 40, 8, 3, 'o', 'tiller'),
    path('M90,-18 q10,0 10,6 V12 q0,6 -10,6', 'p', 'tiller'),
  ];
}

export const palletTruckSide = (): Shape[] => [
  path('M-130,-8 L-116,-16 H0 V-8 L-110,-4Z'),
  circle(-100, -7, 7, 'q'),
  path('M0,-10 H6 V-96 H-2Z', 's'),
  rect(4, -92, 30, 82, 3),
  path('M34,-14 H64 V-70 q-2,-16 -16,-16 H34Z'),
  ...wheelSide(50, 13, 8),
  line(54, -84, 92, -124, 'o'),
  path('M86,-132 l18,12 -6,8 -18,-12Z', 'q'),
  rect(66, -16, 40, 7, 1),
  line(72, -16, 72, -70),
  ground(-160, 140),
];
