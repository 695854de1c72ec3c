import { ground, wheelSide } from './parts';
import { circle, line, path, rect, tyre, type Shape } from './shapes';

/** A scissor lift from above: platform in double line with its slide-out deck and gate, the scissor hidden below. */
export function scissorLiftPlan(): Shape[] {
  return [
    ...tyre(-106, -62, 44, 16, 6, 'wheel_front_right'),
    ...tyre(-106, 46, 44, 16, 6, 'wheel_front_left'),
    ...tyre(62, -62, 44, 16, 6, 'wheel_rear_right'),
    ...tyre(62, 46, 44, 16, 6, 'wheel_rear_left'),
    rect(-50, -58, 100, 8, 2, 's', 'tray_right'),
    rect(-50, 50, 100, 8, 2, 's', 'tray_left'),
    rect(-122, -54, 244, 108, 6, 'o', 'platform'),
    rect(-116, -48, 232, 96, 3, 'p'),
    ...Array.from({ length: 11 }, (_, at) =>
      line(-116 + ((at + 1) * 232) / 12, -48, -116 + ((at + 1) * 232) / 12, 48, 'h'),
    ),
    rect(-116, -44, 84, 88, 0, 'p', 'deck_extension'),
    line(-32, -48, -32, 48),
    path('M-100,-30 L100,30 M-100,30 L100,-30', 'd'),
    circle(0, 0, 5, 'q'),
    rect(-128, -18, 18, 36, 4, 's'),
    circle(-119, -8, 3, 'q'),
    circle(-119, 8, 3, 'q'),
    rect(112, -24, 18, 36, 2, 'q', 'ladder'),
    line(116, -18, 96, 8),
    ...[-119, -60, 0, 60, 119].flatMap((x) => [circle(x, -51, 2.6, 'k'), circle(x, 51, 2.6, 'k')]),
  ];
}

export const scissorLiftSide = (): Shape[] => [
  rect(-118, -52, 236, 30, 4),
  rect(-40, -46, 80, 18, 2, 'p'),
  ...wheelSide(-84, 20, 10),
  ...wheelSide(84, 20, 10),
  ...[0, 1, 2, 3].flatMap((at) => [
    path(`M-96,${-54 - at * 12} L96,${-66 - at * 12} v6 L-96,${-48 - at * 12}Z`, 'q'),
    path(`M96,${-54 - at * 12} L-96,${-66 - at * 12} v6 L96,${-48 - at * 12}Z`, 'q'),
    circle(0, -57 - at * 12, 2.4, 'k'),
  ]),
  rect(-124, -118, 248, 12, 2),
  path('M-122,-118 V-222 H122 V-118', 'p'),
  line(-122, -170, 122, -170),
  ...[-60, 0, 60].map((x) => line(x, -118, x, -222)),
  rect(-120, -218, 20, 24, 3, 's'),
  ...[0, 1, 2, 3].map((at) => line(108, -20 - at * 24, 128, -20 - at * 24)),
  line(128, -4, 128, -106),
  ground(-170, 170),
];
