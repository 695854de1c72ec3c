import { axle, cabPlan, cabSide, ground, wheelSide } from './parts';
import { circle, line, louvre, path, rect, type Shape } from './shapes';

/** A wheel loader from above: bucket as wide as the tyres, arms, frame joint in the middle, cab, long hood. */
export function wheelLoaderPlan({ bucket = 280, tyre = 150 } = {}): Shape[] {
  const half = bucket / 2;

  return [
    ...axle(-140, tyre, 60, 216, 12, 'wheel_front_right', 'wheel_front_left'),
    ...axle(150, tyre, 60, 216, 12, 'wheel_rear_right', 'wheel_rear_left'),
    path('M-190,-46 H-40 L-4,-26 V26 L-40,46 H-190Z', 'o'),
    path('M-310,-56 H-70 q14,4 14,16 v4 H-310Z', 'o', 'arms'),
    path('M-310,56 H-70 q14,-4 14,-16 v-4 H-310Z', 'o', 'arms'),
    rect(-262, -14, 130, 28, 6, 'q'),
    line(-304, 0, -262, 0, 'o'),
    circle(-230, 0, 8, 'q'),
    path(
      `M-304,${-half} H-384 q-14,2 -16,14 V${half - 14} q2,12 16,14 H-304 q16,${-half} 0,${-bucket}Z`,
      'o',
      'bucket',
    ),
    line(-378, -half + 6, -378, half - 6),
    line(-330, -half + 4, -330, half - 4, 'h'),
    ...Array.from({ length: 8 }, (_, at) => rect(-404, -half + 12 + at * ((bucket - 32) / 7), 14, 8, 1, 'k')),
    rect(-30, -42, 50, 84, 6, 's', 'joint'),
    circle(-4, 0, 14, 'q'),
    circle(-4, 0, 5),
    rect(-40, -36, 60, 9, 3, 'q'),
    rect(-40, 27, 60, 9, 3, 'q'),
    path('M10,-70 H320 q10,0 10,10 V60 q0,10 -10,10 H10Z', 'o'),
    rect(70, -92, 100, 36, 5, 'q', 'tanks'),
    circle(96, -74, 9),
    circle(140, -74, 9),
    rect(124, -62, 192, 124, 8, 'o', 'engine_hood'),
    ...louvre(134, -54, 96, 20, 10),
    ...louvre(134, 34, 96, 20, 10),
    rect(242, -40, 60, 80, 4, 'p'),
    circle(206, -8, 10, 'q'),
    path('M318,-96 H336 q14,2 14,14 V82 q0,12 -14,14 H318Z', 's', 'grille'),
    ...louvre(322, -70, 22, 140, 12, 'h', false),
    ...cabPlan(0, -62, 124, 124, [38, -34, 58, 68]),
    line(14, 70, 70, 70),
    line(14, 78, 70, 78),
  ];
}

export const wheelLoaderSide = (): Shape[] => [
  path('M-60,-176 Q-90,-190 -130,-168 L-300,-62 q-8,8 0,20 l16,4 L-120,-132 L-50,-146Z'),
  path('M-140,-196 L-60,-212 L-52,-196 L-130,-178Z', 'q'),
  line(-300, -96, -150, -188, 'o'),
  path('M-300,-100 Q-318,-60 -400,-6 H-330 Q-296,-10 -284,-50 L-282,-98Z'),
  line(-400, -6, -330, -6, 'o'),
  path('M-200,-96 H-40 L-20,-70 H-200Z', 's'),
  rect(-36, -118, 56, 62, 4, 's'),
  path('M10,-80 H330 V-186 q-2,-14 -18,-16 H120 V-92 H10Z'),
  ...louvre(150, -180, 90, 54, 10),
  rect(260, -184, 54, 70, 4, 'p'),
  path('M316,-74 H352 V-176 q-2,-20 -20,-24 H318Z', 's'),
  rect(210, -240, 12, 40, 3, 'q'),
  ...cabSide(0, -92, 126, 210),
  ...wheelSide(-140, 74, 18),
  ...wheelSide(150, 74, 18),
  line(10, -60, 60, -60),
  line(10, -30, 60, -30),
  ground(-440, 390),
];
