import { forkSide, ground, mastPlan, mastSide, wheelSide } from './parts';
import { circle, line, louvre, path, rect, type Shape } from './shapes';

/** A power stacker from above: outrigger legs beside the forks, a mast across, battery, tiller. */
export function powerStackerPlan(): Shape[] {
  return [
    path('M-130,-40 q-6,6 0,12 H10 V-40Z', 's', 'leg_right'),
    path('M-130,40 q-6,-6 0,-12 H10 V40Z', 's', 'leg_left'),
    rect(-140, -22, 132, 14, 3, 'o', 'forks'),
    rect(-140, 8, 132, 14, 3, 'o', 'forks'),
    rect(-14, -26, 8, 52, 2, 's', 'forks'),
    ...mastPlan(-8, 20, 66),
    rect(12, -38, 32, 76, 4, 'o', 'battery_box'),
    line(28, -38, 28, 38, 'h'),
    path('M44,-38 H62 q10,2 10,12 V26 q0,10 -10,12 H44Z', 'o', 'drive_unit'),
    ...louvre(48, -30, 8, 60, 7, 'h', false),
    circle(60, 0, 8, 'q'),
    rect(60, -4, 46, 8, 3, 'o', 'tiller'),
    path('M102,-18 q10,0 10,6 V12 q0,6 -10,6', 'p', 'tiller'),
  ];
}

export const powerStackerSide = (): Shape[] => [
  path('M-130,-6 q-4,-8 6,-10 H10 V-4 H-120Z', 's'),
  circle(-112, -7, 7, 'q'),
  ...forkSide(-140, -16, 30),
  ...mastSide(-8, 20, -214, -8),
  rect(12, -96, 32, 84, 3),
  path('M44,-14 H70 V-82 q-2,-14 -14,-14 H44Z'),
  ...wheelSide(56, 13, 8),
  line(60, -92, 98, -130, 'o'),
  path('M92,-138 l18,12 -6,8 -18,-12Z', 'q'),
  line(70, -60, 74, -60),
  ground(-170, 150),
];
