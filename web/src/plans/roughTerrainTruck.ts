import {
  axle,
  canopySide,
  forkSide,
  forksPlan,
  ground,
  mastPlan,
  mastSide,
  seatPlan,
  seatSide,
  wheelSide,
} from './parts';
import { circle, line, louvre, path, rect, type Shape } from './shapes';

/** A rough-terrain truck with a straight mast from above: large front tyres, small rear ones, forks, mast. */
export function roughTerrainTruckPlan(): Shape[] {
  return [
    ...axle(-94, 128, 44, 166, 10, 'wheel_front_right', 'wheel_front_left'),
    ...axle(134, 88, 32, 152, 8, 'wheel_rear_right', 'wheel_rear_left'),
    ...forksPlan(-320, -202, 46, 16, 132),
    ...mastPlan(-188, 26, 120),
    path('M-160,-54 H140 V54 H-160Z', 'o', 'chassis'),
    rect(10, -58, 70, 20, 4, 'q', 'tanks'),
    circle(30, -48, 6),
    circle(60, -48, 6),
    path('M84,-58 H180 q20,4 20,24 V34 q0,20 -20,24 H84Z', 's', 'counterweight'),
    ...louvre(100, -46, 70, 36, 9),
    ...louvre(100, 10, 70, 36, 9),
    circle(150, 0, 8, 'q'),
    rect(-60, -52, 136, 104, 8, 'p', 'overhead_guard'),
    line(-20, -52, -20, 52),
    line(40, -52, 40, 52),
    ...seatPlan(14, 0, 46, -36),
  ];
}

export const roughTerrainTruckSide = (): Shape[] => [
  ...forkSide(-320, -202, 56),
  ...mastSide(-188, 26, -262, -24),
  path('M-160,-52 H140 V-80 H-160Z', 's'),
  path('M84,-46 H186 q16,-2 14,-18 V-116 q-2,-16 -20,-16 H84Z'),
  ...louvre(104, -122, 72, 46, 9),
  rect(-20, -84, 100, 14, 2),
  ...seatSide(18, -84, 46),
  ...canopySide(-58, 78, -80, -232),
  rect(150, -178, 10, 48, 3, 'q'),
  ...wheelSide(-94, 62, 18),
  ...wheelSide(134, 44, 14),
  ground(-360, 240),
];
