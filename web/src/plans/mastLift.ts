import { ground, wheelSide } from './parts';
import { circle, line, louvre, path, rect, tyre, type Shape } from './shapes';

/** A vertical mast lift from above: small chassis, railed platform in front, nested mast behind it. */
export function mastLiftPlan(): Shape[] {
  return [
    ...tyre(-62, -42, 40, 12, 5, 'wheel_right'),
    ...tyre(26, -42, 38, 12, 5, 'wheel_right'),
    ...tyre(-62, 30, 40, 12, 5, 'wheel_left'),
    ...tyre(26, 30, 38, 12, 5, 'wheel_left'),
    rect(-80, -36, 166, 72, 8, 'o', 'chassis'),
    rect(58, -32, 30, 64, 4, 'q', 'battery_box'),
    ...louvre(62, -28, 22, 56, 7, 'h', false),
    rect(20, -18, 36, 36, 2, 'o', 'mast'),
    rect(25, -13, 26, 26, 1, 'p'),
    rect(30, -8, 16, 16, 1, 'q'),
    rect(-88, -34, 106, 68, 5, 'o', 'platform'),
    rect(-83, -29, 96, 58, 3, 'p'),
    ...Array.from({ length: 6 }, (_, at) => line(-83 + ((at + 1) * 96) / 7, -29, -83 + ((at + 1) * 96) / 7, 29, 'h')),
    rect(2, -22, 14, 44, 3, 's'),
    circle(9, -10, 3, 'q'),
    circle(9, 10, 3, 'q'),
    line(-60, 34, -30, 24),
    rect(54, 24, 18, 12, 2, 's', 'panel'),
  ];
}

export const mastLiftSide = (): Shape[] => [
  rect(-80, -34, 166, 22, 4),
  ...wheelSide(-44, 13, 8),
  ...wheelSide(46, 13, 8),
  rect(58, -70, 30, 38, 3, 'q'),
  ...louvre(62, -66, 22, 30, 5, 'h', false),
  rect(20, -190, 36, 158, 2),
  rect(26, -196, 24, 160, 1, 'p'),
  line(38, -192, 38, -40, 'h'),
  rect(-88, -52, 108, 8, 1),
  path('M-86,-52 V-150 H18 V-52', 'p'),
  line(-86, -100, 18, -100),
  rect(0, -150, 16, 18, 2, 's'),
  ground(-120, 120),
];
