import { ground, trailerSide } from './parts';
import { circle, line, louvre, path, rect, tyre, type Shape } from './shapes';

/** A trailer generator from above: canopy with two bulkheads and a louvred end, panel door, A-frame and eye. */
export function generatorPlan(): Shape[] {
  return [
    path('M-112,-30 L-196,0 L-112,30', 'p', 'drawbar'),
    path('M-112,-38 L-204,0 L-112,38', 'p', 'drawbar'),
    circle(-206, 0, 9, 'o'),
    circle(-206, 0, 4),
    rect(-186, -6, 10, 12, 2, 'q'),
    circle(-160, 0, 7, 'q'),
    ...tyre(-26, -72, 64, 20, 7, 'wheel_right'),
    ...tyre(-26, 52, 64, 20, 7, 'wheel_left'),
    path('M-34,-54 q4,-22 20,-22 H26 q16,0 20,22', 'p'),
    path('M-34,54 q4,22 20,22 H26 q16,0 20,-22', 'p'),
    rect(-116, -54, 252, 108, 8, 'o', 'canopy'),
    rect(-108, -46, 236, 92, 5, 'h'),
    line(-52, -54, -52, 54),
    line(76, -54, 76, 54),
    rect(80, -44, 48, 88, 3, 'p', 'louvres'),
    ...louvre(82, -40, 44, 80, 10, 'h', false),
    rect(-104, -34, 44, 68, 4, 'p', 'panel'),
    rect(-98, -26, 16, 52, 2, 'h'),
    circle(12, 0, 11, 'q'),
    circle(12, 0, 5),
    line(-52, 0, 1, 0, 'h'),
    line(23, 0, 76, 0, 'h'),
    circle(-30, -32, 9, 'q'),
    rect(28, 18, 36, 24, 3, 'p'),
  ];
}

export const generatorSide = (): Shape[] => [
  ...trailerSide([-116, 136], -38, -158, 6, -196),
  rect(-106, -140, 48, 82, 3, 'p'),
  rect(-98, -132, 32, 22, 2, 'q'),
  ...[0, 1, 2].map((at) => circle(-92 + at * 13, -86, 4, 'q')),
  line(-50, -148, -50, -48),
  rect(-42, -140, 108, 74, 3, 'p'),
  ...louvre(82, -140, 46, 80, 9, 'h', false),
  rect(-34, -176, 12, 20, 3, 'q'),
  path('M4,-158 q8,-14 16,0', 'p'),
  ground(-250, 180),
];
