import { axle, canopySide, ground, seatPlan, seatSide, wheelSide } from './parts';
import { circle, line, louvre, path, rect, type Shape } from './shapes';

/** A site dumper from above: skip with a turned lip before the driver, joint, seat, four tyres, roll posts. */
export function siteDumperPlan(): Shape[] {
  return [
    ...axle(-96, 92, 36, 168, 8, 'wheel_front_right', 'wheel_front_left'),
    ...axle(104, 92, 36, 168, 8, 'wheel_rear_right', 'wheel_rear_left'),
    rect(24, -48, 132, 96, 10, 'o', 'body'),
    rect(86, -40, 62, 80, 5, 'p', 'engine_hood'),
    ...louvre(92, -34, 50, 68, 7),
    rect(-14, -16, 48, 32, 4, 's', 'joint'),
    circle(4, 0, 8, 'q'),
    ...seatPlan(70, 0, 36, 36),
    path('M-8,-70 V70 L-150,78 q-24,-4 -26,-40 V-38 q2,-36 26,-40Z', 'o', 'skip'),
    path('M-24,-56 V56 L-138,62 q-16,-4 -18,-32 V-30 q2,-28 18,-32Z', 'p'),
    line(-24, -56, -8, -70),
    line(-24, 56, -8, 70),
    line(-138, -62, -150, -78),
    line(-138, 62, -150, 78),
    ...[-44, 44].flatMap((y) => [circle(30, y, 4, 'q'), circle(82, y, 4, 'q')]),
  ];
}

export const siteDumperSide = (): Shape[] => [
  path('M-10,-132 L-24,-60 H-120 L-178,-112 q-4,-10 6,-16 L-160,-136 L-150,-124 H-40Z'),
  line(-170, -116, -24, -116, 'h'),
  line(-96, -60, -40, -44, 'o'),
  rect(-60, -64, 100, 18, 3, 's'),
  path('M24,-40 H156 V-92 q-2,-14 -16,-14 H86 V-84 H24Z'),
  ...louvre(98, -98, 48, 40, 7),
  ...seatSide(64, -84, 40),
  ...canopySide(96, 132, -100, -210),
  ...wheelSide(-96, 46),
  ...wheelSide(104, 46),
  ground(-230, 220),
];
