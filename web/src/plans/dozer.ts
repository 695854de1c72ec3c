import { cabPlan, cabSide, ground, trackSide } from './parts';
import { circle, line, louvre, path, rect, track, type Shape } from './shapes';

/** A crawler dozer from above: wide blade on push arms, tracks outside the hood, cab, three-shank ripper. */
export function dozerPlan({ blade = 320, gauge = 200 } = {}): Shape[] {
  const half = blade / 2;

  return [
    rect(-150, -gauge / 2, 260, gauge, 6, 's'),
    ...track(-190, -gauge / 2 - 26, 370, 52, 16, 'track_right'),
    ...track(-190, gauge / 2 - 26, 370, 52, 16, 'track_left'),
    path('M-266,-142 H-40 q8,4 8,8 q0,6 -8,8 H-266Z', 'o', 'push_arms'),
    path('M-266,142 H-40 q8,-4 8,-8 q0,-6 -8,-8 H-266Z', 'o', 'push_arm_left'),
    line(-262, -96, -180, -40, 'o'),
    line(-262, 96, -180, 40, 'o'),
    path(
      `M-310,${-half} q22,10 22,26 V${half - 26} q0,16 -22,26 h26 q22,-4 22,-30 V${-half + 30} q0,-26 -22,-30Z`,
      'o',
      'blade',
    ),
    line(-284, -half + 20, -284, half - 20, 'h'),
    rect(-314, -half, 8, blade, 1, 'k'),
    rect(-210, -52, 192, 104, 8, 'o', 'engine_hood'),
    ...louvre(-200, -44, 26, 88, 10, 'h', false),
    line(-160, -52, -160, 52),
    ...louvre(-150, -46, 110, 20, 10),
    ...louvre(-150, 26, 110, 20, 10),
    circle(-100, 0, 10, 'q'),
    circle(-60, 0, 7, 'q'),
    rect(110, -72, 66, 144, 6, 'q', 'tanks'),
    circle(140, -44, 9),
    circle(140, 44, 9),
    ...cabPlan(-16, -66, 126, 132, [28, -34, 60, 68]),
    path('M180,-22 H214 V22 H180Z', 's', 'ripper'),
    rect(210, -70, 26, 140, 4, 'o', 'ripper'),
    ...[-52, 0, 52].map((y) => rect(228, y - 9, 40, 18, 3, 'q')),
  ];
}

export const dozerSide = (): Shape[] => [
  path('M-262,-132 Q-300,-110 -296,-40 Q-298,-14 -316,-2 H-284 Q-262,-20 -262,-60Z'),
  path('M-280,-40 L-40,-50 V-34 L-276,-22Z'),
  line(-262, -118, -190, -150, 'o'),
  path('M-206,-84 H-10 V-176 H-196 q-10,2 -10,14Z'),
  ...louvre(-192, -164, 40, 66, 7, 'h', false),
  rect(-130, -160, 90, 56, 4, 'p'),
  rect(-104, -230, 12, 54, 3, 'q'),
  path('M100,-84 H176 V-142 q-2,-12 -14,-12 H100Z'),
  ...cabSide(-16, -84, 126, 186),
  ...trackSide(-196, 186, 84),
  path('M180,-92 H216 V-76 H180Z', 's'),
  path('M208,-116 H232 V-60 L214,-6 L206,-10 L212,-60Z'),
  ground(-360, 310),
];
