import { axle, ground, wheelSide } from './parts';
import { circle, line, louvre, path, rect, type Shape } from './shapes';

/** A boom lift from above: four tyres, turntable with two covers and a slot, nested booms, jib and basket. */
export function boomLiftPlan({ wheelbase = 250, reach = 430 } = {}): Shape[] {
  const tip = -reach;
  const basket = tip - 176;

  return [
    ...axle(-wheelbase / 2, 96, 36, 205, 9, 'wheel_front_right', 'wheel_front_left'),
    ...axle(wheelbase / 2, 96, 36, 205, 9, 'wheel_rear_right', 'wheel_rear_left'),
    rect(-wheelbase / 2 - 30, -62, wheelbase + 60, 124, 10, 'o', 'chassis'),
    path('M-96,-95 H150 q52,4 56,56 V39 q-4,52 -56,56 H-96 q-10,0 -10,-10 V-85 q0,-10 10,-10Z'),
    path('M158,-94 q44,8 48,55 V39 q-4,48 -48,55 Z', 's', 'counterweight'),
    line(-106, -34, 158, -34),
    line(-106, 34, 158, 34),
    rect(-96, 44, 110, 41, 6, 'p', 'cover_left'),
    ...louvre(-88, 50, 94, 29, 11),
    rect(26, 44, 122, 41, 6, 'p', 'cover_left'),
    rect(82, 50, 52, 28, 4, 'h'),
    rect(-96, -85, 74, 41, 6, 'p', 'cover_right'),
    rect(-10, -85, 158, 41, 6, 'p', 'cover_right'),
    circle(22, -64, 11),
    circle(68, -64, 9),
    rect(tip + 54, -13, 90, 26, 2, 'o', 'boom'),
    rect(tip + 100, -17, 90, 34, 2, 'o', 'boom'),
    rect(tip + 150, -22, reach + 10, 44, 3, 'o', 'boom'),
    line(tip + 150, -12, 160, -12, 'h'),
    line(tip + 150, 12, 160, 12, 'h'),
    circle(146, 0, 12, 'q'),
    rect(tip + 176, -30, 180, 7, 3, 'q'),
    rect(tip + 10, -19, 48, 38, 6, 'o', 'jib'),
    circle(tip + 34, 0, 7, 'q'),
    rect(tip - 66, -10, 78, 20, 3, 'o', 'jib'),
    rect(tip - 84, -16, 22, 32, 5, 's'),
    rect(basket, -115, 92, 230, 8, 'o', 'basket'),
    rect(basket + 7, -108, 78, 216, 5, 'p'),
    ...Array.from({ length: 7 }, (_, at) =>
      line(basket + 7, -108 + (at + 1) * 27, basket + 85, -108 + (at + 1) * 27, 'h'),
    ),
    rect(basket + 6, -34, 22, 68, 4, 's'),
    circle(basket + 17, -18, 5, 'q'),
    circle(basket + 17, 18, 5, 'q'),
    line(basket + 28, 115, basket + 64, 99),
  ];
}

export const boomLiftSide = (): Shape[] => [
  rect(-156, -84, 312, 34, 4, 's'),
  ...wheelSide(-125, 48),
  ...wheelSide(125, 48),
  rect(-50, -102, 100, 20, 2, 's'),
  path('M-106,-102 H150 q54,-2 56,-40 V-170 H-90 q-16,0 -16,-16Z'),
  ...louvre(-88, -160, 90, 46, 10),
  rect(30, -164, 100, 54, 4, 'p'),
  path('M158,-102 q46,0 48,-38 V-170 H158Z', 's'),
  path('M160,-176 q20,-24 -6,-44 L-280,-214 V-186 L140,-176Z'),
  rect(-340, -208, 70, 20, 2),
  rect(-396, -204, 62, 14, 2),
  circle(148, -198, 9, 'q'),
  path('M-396,-206 h-20 l-70,28 v14 h14 l76,-24Z'),
  rect(-510, -178, 22, 60, 3, 's'),
  path('M-604,-118 H-514 V-228 H-604Z', 'p'),
  line(-604, -172, -514, -172),
  rect(-608, -122, 98, 8, 1),
  rect(-598, -226, 20, 18, 2, 's'),
  ground(-650, 260),
];
