import { axle, cabPlan, cabSide, ground, wheelSide } from './parts';
import { circle, line, louvre, path, rect, type Shape } from './shapes';

/** A wheeled excavator from above: two axles with twin tyres, blade at the rear, house with boom and cab. */
export function wheeledExcavatorPlan({ wheelbase = 250 } = {}): Shape[] {
  const half = wheelbase / 2;

  return [
    rect(-half - 40, -34, wheelbase + 120, 68, 8, 's'),
    ...axle(-half + 3, 100, 48, 216, 9, 'wheel_front_right', 'wheel_front_left'),
    ...axle(half + 3, 100, 48, 216, 9, 'wheel_rear_right', 'wheel_rear_left'),
    line(190, -50, 228, -80),
    line(190, 50, 228, 80),
    path('M226,-122 h18 q10,4 8,14 V108 q2,10 -8,14 h-18 q8,-122 0,-244Z', 'o', 'blade'),
    path('M-110,-106 q0,-6 6,-6 H170 A206,206 0 0 1 170,112 H-56 V20 H-110Z', 'o', 'house'),
    path('M152,-112 H170 A206,206 0 0 1 170,112 H152Z', 's', 'counterweight'),
    rect(-110, -112, 78, 70, 4, 'q'),
    ...louvre(-104, -104, 66, 54, 7, 'h', false),
    rect(-30, -112, 90, 70, 4, 'q', 'hydraulic_tank'),
    circle(15, -77, 14),
    circle(15, -77, 8),
    rect(62, -104, 88, 154, 4, 'q', 'engine_hood'),
    rect(74, -30, 62, 66, 4, 'p'),
    ...louvre(80, -24, 50, 54, 5, 'h', false),
    circle(132, -78, 11, 'q'),
    rect(62, 54, 88, 50, 4, 'q', 'coolers'),
    ...louvre(66, 58, 80, 42, 9),
    rect(-60, -54, 70, 10, 3, 'q'),
    rect(-60, 18, 70, 10, 3, 'q'),
    path('M10,-40 H-140 L-350,-30 V10 L-140,18 H10Z', 'o', 'boom'),
    circle(-2, -11, 8, 'q'),
    rect(-230, -50, 140, 10, 4, 'q'),
    line(-276, -45, -230, -45),
    path('M-140,-18 H-346 M-140,-4 H-346', 'h'),
    path('M-352,-58 H-470 q-26,4 -30,22 V22 q4,18 30,20 H-352 q10,-50 0,-100Z', 'o', 'bucket'),
    line(-474, -50, -474, 34, 'h'),
    ...[-52, -32, -11, 10, 30].map((y) => path(`M-352,${y - 5} l18,3 v6 l-18,3z`, 'q')),
    rect(-398, -32, 52, 42, 5),
    circle(-372, -11, 5, 'q'),
    ...cabPlan(-110, 20, 134, 92, [-56, 34, 66, 64]),
    line(-76, 118, -20, 118),
  ];
}

export const wheeledExcavatorSide = (): Shape[] => [
  path('M-6,-150 Q-4,-166 -14,-180 L-126,-352 Q-148,-384 -186,-378 L-410,-322 Q-430,-316 -428,-300 Q-424,-286 -406,-288 L-202,-322 Q-180,-326 -168,-306 L-62,-142Z'),
  path('M-398,-366 Q-390,-374 -382,-364 L-378,-306 L-410,-76 Q-416,-64 -428,-68 Q-438,-72 -436,-84 L-440,-290Z'),
  circle(-412, -304, 8, 'q'),
  path('M-422,-88 L-464,-92 Q-504,-78 -500,-34 Q-494,-2 -456,0 H-356 Q-390,-24 -400,-60Z'),
  rect(-176, -78, 380, 26, 3, 's'),
  ...wheelSide(-122, 48),
  ...wheelSide(128, 48),
  path('M196,-70 L236,-50 q14,24 0,48 h10 q12,-30 0,-58Z'),
  rect(-60, -108, 120, 32, 2, 's'),
  rect(-114, -128, 300, 18, 3),
  path('M20,-128 H152 V-206 q0,-12 -12,-12 H32 q-12,0 -12,12Z'),
  ...louvre(34, -204, 44, 62, 7),
  rect(94, -202, 46, 62, 4, 'p'),
  path('M152,-112 H190 Q212,-116 212,-140 V-196 Q212,-216 190,-218 H152Z', 's'),
  ...cabSide(-116, -128, 134, 176),
  ground(-560, 300),
];
