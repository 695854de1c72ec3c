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

/** A counterbalance truck from above: forks, mast, overhead guard over the seat, rounded counterweight. */
export function counterbalanceTruckPlan({ gas = true } = {}): Shape[] {
  return [
    ...axle(-63, 58, 22, 102, 6, 'wheel_front_right', 'wheel_front_left'),
    ...axle(92, 48, 18, 94, 5, 'wheel_rear_right', 'wheel_rear_left'),
    ...forksPlan(-240, -122, 34, 14, 96),
    ...mastPlan(-108, 20, 92),
    path('M-88,-50 H96 V50 H-88Z', 'o', 'chassis'),
    path('M94,-52 H120 q30,6 30,34 V18 q0,28 -30,34 H94Z', 's', 'counterweight'),
    rect(18, -38, 78, 76, 6, 'q', 'hood'),
    ...louvre(64, -32, 28, 64, 6, 'h', false),
    rect(-60, -44, 140, 88, 8, 'p', 'overhead_guard'),
    ...[-24, 4, 56].map((x) => line(x, -44, x, 44)),
    ...seatPlan(30, 0, 40, -22),
    circle(-46, -28, 3, 'q'),
    circle(-46, 28, 3, 'q'),
    ...(gas ? [rect(106, -28, 28, 56, 13, 'o'), line(114, -28, 114, 28, 'h'), line(126, -28, 126, 28, 'h')] : []),
  ];
}

export const counterbalanceTruckSide = (): Shape[] => [
  ...forkSide(-240, -122, 40),
  ...mastSide(-108, 20, -212, -14),
  path('M-86,-22 H96 V-60 H20 V-40 H-86Z'),
  path('M94,-16 H130 q22,-4 20,-30 V-96 q-4,-14 -22,-14 H94Z', 's'),
  path('M18,-58 H94 V-92 H30 q-12,0 -12,12Z', 'q'),
  rect(104, -142, 40, 32, 14),
  ...seatSide(44, -92, 40),
  ...canopySide(-56, 84, -60, -206),
  ...wheelSide(-63, 30, 12),
  ...wheelSide(92, 24, 10),
  ground(-280, 190),
];
