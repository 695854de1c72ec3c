import { canopySide, ground, seatPlan, seatSide } from './parts';
import { circle, line, louvre, path, rect, type Shape } from './shapes';

const DRUM = 74;

const drum = (x: number, part: string): Shape[] => [
  rect(x, -60, DRUM, 120, 5, 's', part),
  ...[12, 25, 37, 49, 62].map((u) => line(x + u, -60, x + u, 60, 'h')),
];

/** A tandem roller from above: two drums with their yokes, engine half, operator half, joint between. */
export function rollerPlan(): Shape[] {
  return [
    ...drum(-142, 'drum_front'),
    ...drum(68, 'drum_rear'),
    path('M-150,-68 H-60 V-40 H60 V-68 H150 V-58 H60 M-60,-58 H-150Z', 'p', 'yoke_right'),
    path('M-150,68 H-60 V40 H60 V68 H150 V58 H60 M-60,58 H-150Z', 'p', 'yoke_left'),
    rect(-74, -46, 66, 92, 8, 'o', 'engine_hood'),
    ...louvre(-68, -38, 54, 76, 9, 'h', false),
    rect(-4, -46, 72, 92, 8, 'o', 'platform_deck'),
    rect(-14, -12, 16, 24, 3, 's', 'joint'),
    ...seatPlan(44, 0, 36, 10),
    rect(-136, -70, 62, 12, 3, 'q'),
    rect(-136, 58, 62, 12, 3, 'q'),
    rect(74, -70, 62, 12, 3, 'q'),
    rect(74, 58, 62, 12, 3, 'q'),
    ...[-54, 54].flatMap((y) => [circle(-8, y, 5, 'q'), circle(66, y, 5, 'q')]),
  ];
}

const drumSide = (x: number): Shape[] => [
  circle(x, -37, 37, 'o'),
  circle(x, -37, 30, 'h'),
  circle(x, -37, 9, 's'),
  path(`M${x - 44},-84 H${x + 44} V-66 L${x + 10},-30 H${x - 10} L${x - 44},-66Z`, 'p'),
];

export const rollerSide = (): Shape[] => [
  path('M-148,-84 H-10 V-142 q-2,-10 -12,-10 H-120 q-24,4 -28,30Z'),
  ...louvre(-118, -142, 80, 44, 9),
  path('M-4,-84 H148 V-104 H80 V-96 H-4Z'),
  rect(-14, -92, 14, 40, 3, 's'),
  ...drumSide(-105),
  ...drumSide(105),
  ...seatSide(48, -96, 40),
  ...canopySide(70, 104, -104, -230),
  ground(-190, 190),
];
