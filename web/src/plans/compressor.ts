import { ground, trailerSide } from './parts';
import { circle, line, louvre, path, rect, tyre, type Shape } from './shapes';

/** A towable compressor from above: one great lid, panel at the front, air outlets across the rear. */
export function compressorPlan(): Shape[] {
  return [
    path('M-112,-22 L-206,0 L-112,22', 'p', 'drawbar'),
    path('M-112,-30 L-214,0 L-112,30', 'p', 'drawbar'),
    circle(-216, 0, 9, 'o'),
    circle(-172, 0, 7, 'q'),
    ...tyre(0, -76, 62, 20, 7, 'wheel_right'),
    ...tyre(0, 56, 62, 20, 7, 'wheel_left'),
    path('M-90,-56 H120 q22,4 22,22 V34 q0,18 -22,22 H-90 q-24,-4 -24,-24 V-32 q0,-20 24,-24Z', 'o', 'canopy'),
    rect(-70, -48, 180, 96, 22, 'p', 'lid'),
    line(-70, 0, 110, 0, 'h'),
    path('M-50,-34 q70,-14 140,0 M-50,34 q70,14 140,0', 'h'),
    rect(-108, -18, 30, 52, 5, 'q', 'panel'),
    circle(-93, -4, 6),
    circle(-93, 16, 6),
    ...louvre(-104, -46, 24, 22, 5),
    ...[-30, -10, 10, 30].flatMap((y) => [rect(138, y - 6, 12, 12, 2, 's', 'outlets'), circle(148, y, 3, 'k')]),
  ];
}

export const compressorSide = (): Shape[] => [
  ...trailerSide([-114, 142], -38, -130, 31, -206),
  path('M-110,-84 H140', 'p'),
  path('M-86,-124 q110,-24 214,2', 'p'),
  rect(-106, -118, 30, 28, 3, 'q'),
  circle(-91, -104, 8),
  ...louvre(60, -78, 70, 34, 8),
  rect(136, -74, 14, 12, 2, 's'),
  rect(136, -58, 14, 12, 2, 's'),
  circle(-20, -64, 5, 'q'),
  ground(-260, 190),
];
