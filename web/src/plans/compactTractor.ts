import { axle, ground, seatPlan, seatSide, wheelSide } from './parts';
import { circle, line, louvre, path, rect, type Shape } from './shapes';

/** A compact tractor from above: loader bucket in front, narrow hood, large rear tyres, roll bar, hitch. */
export function compactTractorPlan(): Shape[] {
  return [
    ...axle(-92, 56, 22, 94, 6, 'wheel_front_right', 'wheel_front_left'),
    ...axle(72, 104, 36, 120, 10, 'wheel_rear_right', 'wheel_rear_left'),
    path('M-206,-48 H-40 q20,2 20,10 v4 H-206Z', 'o', 'loader'),
    path('M-206,48 H-40 q20,-2 20,-10 v-4 H-206Z', 'o', 'loader'),
    line(-180, -36, -180, 36, 'o'),
    path('M-206,-70 H-238 q-10,2 -12,12 V58 q2,10 12,12 H-206 q8,-70 0,-140Z', 'o', 'bucket'),
    line(-236, -64, -236, 64),
    line(-220, -66, -220, 66, 'h'),
    path('M-10,-24 H-120 q-16,4 -16,24 q0,20 16,24 H-10Z', 'o', 'hood'),
    line(-116, -8, -14, -8, 'h'),
    line(-116, 8, -14, 8, 'h'),
    ...louvre(-104, -22, 50, 10, 7),
    ...louvre(-104, 12, 50, 10, 7),
    rect(-10, -42, 70, 84, 6, 'q', 'platform_deck'),
    rect(16, -46, 84, 14, 5, 'q'),
    rect(16, 32, 84, 14, 5, 'q'),
    ...seatPlan(66, 0, 40, 12),
    rect(86, -46, 12, 92, 3, 's', 'rops_bar'),
    rect(104, -22, 24, 44, 4, 's'),
    path('M122,-30 L184,-40 M122,30 L184,40', 'o', 'hitch'),
    line(126, 0, 170, 0, 'o'),
    circle(128, 0, 6, 'q'),
    circle(186, -40, 5, 'q'),
    circle(186, 40, 5, 'q'),
  ];
}

export const compactTractorSide = (): Shape[] => [
  path('M-20,-106 L-60,-124 L-206,-50 l4,14 L-64,-100 L-24,-84Z'),
  path('M-206,-72 Q-212,-30 -252,-4 H-214 Q-196,-20 -196,-64Z'),
  rect(-120, -64, 190, 20, 3, 's'),
  path('M-8,-64 H-130 q-10,-2 -8,-16 q4,-30 30,-34 L-8,-122Z'),
  ...louvre(-112, -104, 60, 30, 7),
  path('M20,-66 q10,-52 56,-52 q46,0 56,46 H110 q-8,-26 -36,-26 q-26,0 -32,32Z'),
  ...seatSide(64, -96, 42),
  rect(96, -220, 10, 120, 3, 's'),
  line(96, -216, 62, -220, 'o'),
  rect(100, -84, 26, 30, 3, 's'),
  line(126, -60, 184, -34, 'o'),
  line(126, -78, 176, -70, 'o'),
  ...wheelSide(-92, 30, 12),
  ...wheelSide(72, 54, 18),
  ground(-290, 230),
];
