import { axle, cabPlan, cabSide, ground, wheelSide } from './parts';
import { circle, line, louvre, path, rect, type Shape } from './shapes';

/** An articulated dump truck from above: nose, cab, hinge, and a long body over two axles, its tail open. */
export function articulatedDumpTruckPlan(): Shape[] {
  return [
    ...axle(-380, 140, 54, 238, 10, 'wheel_front_right', 'wheel_front_left'),
    rect(-120, -38, 560, 76, 6, 's'),
    ...axle(180, 140, 54, 238, 10, 'wheel_middle_right', 'wheel_middle_left'),
    ...axle(360, 140, 54, 238, 10, 'wheel_rear_right', 'wheel_rear_left'),
    path('M-386,-64 H-500 q-20,6 -20,24 V40 q0,18 20,24 H-386Z', 'o', 'engine_hood'),
    ...louvre(-514, -38, 20, 76, 9, 'h', false),
    ...louvre(-480, -56, 70, 22, 7),
    ...louvre(-480, 34, 70, 22, 7),
    circle(-440, 0, 10, 'q'),
    rect(-394, -84, 170, 168, 10, 'o'),
    ...cabPlan(-390, -74, 154, 148, [-346, -34, 66, 68]),
    rect(-226, -42, 70, 84, 8, 's', 'joint'),
    circle(-190, 0, 16, 'q'),
    circle(-190, 0, 6),
    rect(-216, -62, 76, 11, 3, 'q'),
    rect(-216, 51, 76, 11, 3, 'q'),
    rect(-160, 44, 60, 40, 5, 'q', 'oil_tank'),
    circle(-130, 64, 8),
    path('M-90,-120 q4,-12 18,-14 H460 V134 H-72 q-14,-2 -18,-14Z', 'o', 'body'),
    path('M-68,-104 q2,-10 12,-10 H452 V114 H-56 q-10,0 -12,-10Z', 'p'),
    path('M460,-134 L520,-112 V112 L460,134Z', 'o', 'body_tail'),
    ...[20, 110, 200, 290, 380].map((x) => line(x, -114, x, 114, 'h')),
    line(-90, -120, -68, -104),
    line(-90, 120, -68, 104),
  ];
}

export const articulatedDumpTruckSide = (): Shape[] => [
  path('M-392,-96 H-520 V-150 q2,-22 26,-28 L-392,-196Z'),
  ...louvre(-506, -150, 60, 44, 7, 'h', false),
  path('M-396,-70 H-226 V-106 H-396Z', 's'),
  ...cabSide(-394, -106, 158, 190),
  rect(-226, -112, 70, 40, 5, 's'),
  path('M-160,-74 H440 V-104 H-160Z', 's'),
  rect(-150, -74, 58, 34, 4, 'q'),
  path('M-100,-250 q-6,-8 4,-10 l40,6 H400 L520,-206 V-190 L420,-118 H-40 L-86,-150Z'),
  ...[60, 150, 240, 330].map((x) => line(x, -252, x - 10, -122, 'h')),
  line(-88, -190, 470, -196, 'h'),
  line(-40, -104, 40, -150, 'o'),
  ...wheelSide(-380, 70, 18),
  ...wheelSide(180, 70, 18),
  ...wheelSide(360, 70, 18),
  ground(-560, 560),
];
