import { axle, cabPlan, cabSide, ground, wheelSide } from './parts';
import { circle, line, louvre, path, rect, type Shape } from './shapes';

/** A telehandler from above: four large tyres, cab at the left of the boom, engine pod at its right, forks. */
export function telehandlerPlan(): Shape[] {
  return [
    ...axle(-144, 120, 40, 188, 10, 'wheel_front_right', 'wheel_front_left'),
    ...axle(146, 120, 40, 188, 10, 'wheel_rear_right', 'wheel_rear_left'),
    path('M-190,-58 H190 q16,0 16,16 V42 q0,16 -16,16 H-190Z', 'o', 'chassis'),
    rect(-84, -108, 210, 64, 8, 'o', 'engine_pod'),
    ...louvre(40, -100, 76, 48, 11),
    circle(-50, -76, 10),
    circle(-50, -76, 5),
    rect(-30, -100, 50, 48, 4, 'h'),
    ...cabPlan(-78, 8, 148, 100, [-14, 20, 72, 76]),
    rect(-296, -32, 110, 30, 2, 'o', 'boom'),
    rect(-240, -36, 450, 38, 4, 'o', 'boom'),
    line(-236, -27, 206, -27, 'h'),
    line(-236, -7, 206, -7, 'h'),
    circle(190, -17, 9, 'q'),
    rect(-312, -40, 18, 46, 4, 's', 'carriage'),
    rect(-328, -66, 16, 100, 3, 'o', 'carriage'),
    line(-320, -66, -320, 34, 'h'),
    rect(-448, -60, 120, 14, 3, 'o', 'forks'),
    rect(-448, 14, 120, 14, 3, 'o', 'forks'),
    line(-104, 108, -120, 122),
    rect(-130, 116, 14, 12, 3, 'q'),
  ];
}

export const telehandlerSide = (): Shape[] => [
  rect(-190, -96, 396, 40, 6),
  path('M80,-96 H200 V-128 q-2,-14 -18,-14 H96 q-14,2 -16,16Z'),
  ...louvre(100, -134, 80, 32, 9),
  ...cabSide(-80, -92, 150, 158),
  path('M206,-140 q14,14 2,28 L-220,-62 l-6,-28Z'),
  path('M-214,-92 L-300,-78 V-52 L-216,-62Z', 'o'),
  circle(188, -132, 9, 'q'),
  path('M-300,-84 l-16,4 v60 h12 L-296,-50Z', 's'),
  rect(-328, -96, 14, 90, 2),
  path('M-448,-4 L-334,-12 H-316 V-2 H-448Z'),
  ...wheelSide(-144, 58, 16),
  ...wheelSide(146, 58, 16),
  ground(-490, 260),
];
