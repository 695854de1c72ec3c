import { canopySide, ground, seatPlan, seatSide, trackSide } from './parts';
import { circle, line, louvre, path, rect, track, type Shape } from './shapes';

/** A mini excavator from above: rubber tracks, blade at the front, boom on a swing post, canopy at the left. */
export function miniExcavatorPlan({ gauge = 136, shoe = 33 } = {}): Shape[] {
  return [
    rect(-46, -gauge / 2, 92, gauge, 0, 's'),
    ...track(-80, -gauge / 2 - shoe / 2, 160, shoe, 9, 'track_right'),
    ...track(-80, gauge / 2 - shoe / 2, 160, shoe, 9, 'track_left'),
    line(-94, -40, -60, -30),
    line(-94, 40, -60, 30),
    path('M-118,-84 q10,4 10,12 V72 q0,8 -10,12 h18 q8,-2 8,-12 V-72 q0,-10 -8,-12Z', 'o', 'blade'),
    path('M-50,-48 q0,-7 7,-7 H60 A66,66 0 0 1 60,55 H-43 q-7,0 -7,-7Z', 'o', 'house'),
    path('M62,-54 H80 A70,70 0 0 1 80,54 H62 q12,-54 0,-108Z', 's', 'engine_hood'),
    ...louvre(74, -34, 34, 68, 8, 'h', false),
    rect(-40, -54, 100, 40, 4, 'q', 'tanks'),
    circle(-14, -36, 8, 'q'),
    circle(30, -36, 8, 'q'),
    line(8, -54, 8, -14),
    rect(-64, -16, 24, 26, 6, 's'),
    path('M-30,-14 L-60,-12 L-236,-10 V2 L-60,6 L-30,8Z', 'o', 'boom'),
    rect(-160, -8, 70, 7, 2, 'q'),
    line(-200, -4, -160, -4),
    path('M-240,-32 H-300 q-24,4 -28,20 V10 q4,12 28,14 H-240 q8,-26 0,-56Z', 'o', 'bucket'),
    line(-306, -26, -306, 20, 'h'),
    ...[-30, -15, 0, 15].map((y) => path(`M-240,${y - 3} l13,2 v5 l-13,2z`, 'q')),
    rect(-262, -16, 34, 26, 4),
    circle(-246, -3, 4, 'q'),
    rect(-46, -8, 102, 60, 8, 'o', 'canopy'),
    ...seatPlan(8, 22, 38),
    circle(-26, 10, 4, 'q'),
    circle(-26, 34, 4, 'q'),
  ];
}

export const miniExcavatorSide = (): Shape[] => [
  path('M-40,-78 Q-52,-96 -62,-112 L-150,-196 Q-164,-206 -182,-196 L-268,-140 Q-276,-132 -270,-124 Q-264,-120 -256,-124 L-176,-168 Q-164,-172 -154,-160 L-62,-76Z'),
  path('M-262,-150 Q-256,-156 -250,-148 L-262,-56 Q-268,-50 -274,-56 L-282,-136Z'),
  circle(-266, -132, 5, 'q'),
  path('M-262,-56 L-290,-58 Q-316,-46 -312,-16 Q-306,0 -282,0 H-236 Q-252,-16 -256,-40Z'),
  rect(-72, -88, 26, 30, 4, 's'),
  path('M-118,-44 q-12,24 0,42 h10 q-8,-20 4,-42Z', 'o'),
  line(-104, -26, -60, -24, 'o'),
  ...trackSide(-84, 84, 46),
  rect(-36, -60, 72, 16, 2, 's'),
  path('M-50,-62 H108 q8,-2 8,-14 V-104 q-2,-16 -18,-16 H44 V-78 H-50Z'),
  ...louvre(60, -112, 44, 40, 6, 'h', false),
  ...seatSide(10, -78, 42),
  ...canopySide(-36, 44, -78, -196),
  ground(-340, 150),
];
