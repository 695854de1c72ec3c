import { circle, line, louvre, moved, onCircle, path, rect, track, type Shape } from './shapes';

export interface ExcavatorProportions {
  trackLength: number;
  gauge: number;
  shoe: number;
  tailRadius: number;
  houseWidth: number;
  reach: number;
  bucketWidth: number;
  boomWidth: number;
}

const USUAL: ExcavatorProportions = {
  trackLength: 375,
  gauge: 208,
  shoe: 70,
  tailRadius: 219,
  houseWidth: 238,
  reach: 430,
  bucketWidth: 112,
  boomWidth: 46,
};

/** A tracked excavator from above, in centimetres: front to the left, left-hand side at the foot. */
export function excavatorPlan(own: Partial<ExcavatorProportions> = {}): Shape[] {
  const p = { ...USUAL, ...own };
  const half = p.houseWidth / 2;
  const top = -half;
  const tail = Math.sqrt(p.tailRadius ** 2 - half ** 2);
  const cabTop = half - 100;
  const boomY = (cabTop + top + 82) / 2;

  return [
    rect(-70, -p.gauge / 2, 140, p.gauge, 0, 's'),
    ...track(-p.trackLength / 2, -p.gauge / 2 - p.shoe / 2, p.trackLength, p.shoe, 17, 'track_right'),
    ...track(-p.trackLength / 2, p.gauge / 2 - p.shoe / 2, p.trackLength, p.shoe, 17, 'track_left'),
    ...house(p, half, top, tail, cabTop),
    ...boom(p, boomY),
    ...bucket(p, boomY),
    ...cab(half, cabTop),
    line(-118, top + 10, -138, top - 12),
    rect(-150, top - 20, 14, 18, 3, 'q'),
  ];
}

function house(p: ExcavatorProportions, half: number, top: number, tail: number, cabTop: number): Shape[] {
  const arc = `A${p.tailRadius},${p.tailRadius} 0 0 1 ${tail},${half}`;

  return [
    path(`M-118,${top + 6} q0,-6 6,-6 H${tail} ${arc} H-60 V${cabTop} H-118 Z`, 'o', 'house'),
    path(`M${tail - 28},${top} H${tail} ${arc} H${tail - 28} Z`, 's', 'counterweight'),
    circle(tail + 4, -70, 7, 'q'),
    circle(tail + 4, 70, 7, 'q'),
    rect(-118, top, 46, 76, 4, 'q', 'toolbox'),
    ...louvre(-112, top + 8, 34, 60, 6, 'h', false),
    rect(-72, top, 62, 76, 4, 'q', 'fuel_tank'),
    circle(-40, top + 26, 10),
    circle(-40, top + 26, 5),
    rect(-10, top, 70, 76, 4, 'q', 'hydraulic_tank'),
    circle(25, top + 38, 15),
    circle(25, top + 38, 9),
    ...[0, 60, 120, 180, 240, 300].map((degrees) => circle(...onCircle(25, top + 38, 12, degrees), 1.6, 'k')),
    rect(60, top + 6, tail - 90, p.houseWidth - 12, 4, 'q', 'engine_hood'),
    rect(60, half - 62, tail - 90, 56, 0, 'q', 'coolers'),
    line(60, top + 78, tail - 30, top + 78),
    ...louvre(66, half - 56, tail - 102, 44, 9),
    rect(72, -36, tail - 114, 76, 4, 'p'),
    ...louvre(78, -30, tail - 126, 64, 4, 'h', false),
    circle(tail - 46, top + 42, 12, 'q'),
    circle(tail - 46, top + 42, 6),
    rect(70, top + 16, 24, 52, 3, 'p'),
    line(20, cabTop, 60, cabTop),
    rect(24, cabTop + 8, 30, half - cabTop - 16, 3, 'p'),
    ...louvre(26, cabTop + 12, 26, half - cabTop - 24, 7, 'h', false),
  ];
}

function boom(p: ExcavatorProportions, y: number): Shape[] {
  const half = p.boomWidth / 2;
  const tip = -p.reach;

  return [
    rect(-60, y - half - 18, 70, 12, 3, 'q'),
    rect(-60, y + half + 6, 70, 12, 3, 'q'),
    path(`M12,${y - half - 2} H-150 L${tip},${y - half + 8} V${y + half - 8} L-150,${y + half + 2} H12 Z`, 'o', 'boom'),
    circle(-2, y, 9, 'q'),
    line(-2, y - half - 14, -2, y + half + 14),
    rect(-238, y - half - 15, 150, 11, 4, 'q', 'rams'),
    rect(-238, y + half + 4, 150, 11, 4, 'q', 'rams'),
    line(-280, y - half - 9.5, -238, y - half - 9.5),
    line(-280, y + half + 9.5, -238, y + half + 9.5),
    path(`M-150,${y - 8} H${tip + 10} M-150,${y + 8} H${tip + 10}`, 'h'),
    rect(-352, y - 8, 150, 16, 5, 'q'),
    line(-402, y, -352, y),
  ];
}

function bucket(p: ExcavatorProportions, y: number): Shape[] {
  const half = p.bucketWidth / 2;
  const x = -p.reach;
  const teeth = Array.from({ length: 5 }, (_, at) => {
    const at2 = y - half + 6 + (at * (p.bucketWidth - 12)) / 4;

    return path(`M${x + 48},${at2 - 7} l20,3 v8 l-20,3 z`, 'q');
  });

  return [
    path(
      `M${x + 48},${y - half} H${x - 40} q-26,0 -26,${half * 0.5} V${y + half * 0.5} ` +
        `q0,${half * 0.5} 26,${half * 0.5} H${x + 48} Z`,
      'o',
      'bucket',
    ),
    line(x - 44, y - half + 8, x - 44, y + half - 8, 'h'),
    line(x - 28, y - half + 3, x - 28, y + half - 3, 'h'),
    ...teeth,
    rect(x - 14, y - 22, 54, 44, 5),
    line(x - 14, y - 8, x + 40, y - 8),
    line(x - 14, y + 8, x + 40, y + 8),
    circle(x + 13, y, 5, 'q'),
  ];
}

function cab(half: number, top: number): Shape[] {
  return [
    rect(-150, top, 170, half - top, 14, 'o', 'cab'),
    path(`M-140,${top + 8} H-84 q6,0 6,6 V${half - 14} q0,6 -6,6 H-140 q-4,0 -4,-4 V${top + 12} q0,-4 4,-4Z`, 'p'),
    line(-128, top + 16, -112, top + 44, 'h'),
    line(-120, top + 16, -104, top + 44, 'h'),
    rect(-66, top + 14, 70, half - top - 28, 8, 'q', 'seat'),
    rect(-52, top + 24, 42, half - top - 48, 6, 'h'),
    line(-130, half, -100, half + 12),
    line(-100, half + 12, -30, half + 12),
    line(-30, half + 12, -10, half),
  ];
}

/** The same machine from its left side, on its ground line at y = 0: for the posture that a reading needs. */
export function excavatorSide(): Shape[] {
  const chain: Shape[] = [];
  for (let u = -146; u <= 150; u += 15) {
    chain.push(line(u, -80, u, -69), line(u, -11, u, 0));
  }
  for (let degrees = 100; degrees <= 260; degrees += 18) {
    const [ax, ay] = onCircle(0, 0, 29, degrees);
    const [bx, by] = onCircle(0, 0, 40, degrees);
    chain.push(line(-150 + ax, -40 + ay, -150 + bx, -40 + by), line(150 - ax, -40 + ay, 150 - bx, -40 + by));
  }
  const sprocket = Array.from({ length: 12 }, (_, at) =>
    line(...onCircle(150, -40, 18, at * 30), ...onCircle(150, -40, 24, at * 30)),
  );

  return [
    path(
      'M-6,-132 Q-2,-150 -14,-166 L-128,-352 Q-150,-386 -190,-380 L-424,-326 ' +
        'Q-446,-320 -444,-302 Q-440,-286 -420,-288 L-206,-322 Q-184,-326 -172,-306 L-66,-124 Z',
    ),
    path('M-30,-150 L-150,-340 Q-166,-362 -194,-356 L-420,-306', 'h'),
    line(-196, -380, -204, -402),
    line(-184, -382, -204, -402),
    ...moved('translate(-204,-400) rotate(171)', [rect(0, -8, 120, 16, 4, 'q'), rect(120, -4, 92, 8, 1, 'q')]),
    circle(-204, -400, 6, 'q'),
    path(
      'M-412,-372 Q-404,-380 -396,-370 L-392,-310 L-424,-76 Q-430,-64 -442,-68 ' +
        'Q-452,-72 -450,-84 L-456,-296 Q-452,-316 -440,-330 Z',
    ),
    circle(-428, -306, 9, 'q'),
    circle(-428, -306, 3, 'k'),
    circle(-405, -366, 6, 'q'),
    circle(-436, -80, 7, 'q'),
    ...moved('translate(-450,-296) rotate(95)', [rect(0, -7, 92, 14, 4, 'q'), rect(92, -3.5, 62, 7, 1, 'q')]),
    line(-463, -142, -440, -132, 'o'),
    line(-463, -142, -478, -84, 'o'),
    circle(-463, -142, 5, 'q'),
    circle(-478, -84, 5, 'q'),
    path(
      'M-436,-88 L-478,-92 Q-520,-78 -516,-34 Q-510,-2 -470,0 H-372 L-352,-3 L-372,-10 Q-404,-24 -414,-60 L-424,-80 Z',
    ),
    path('M-484,-84 Q-508,-70 -504,-36 Q-498,-12 -468,-11 H-380', 'p'),
    line(-386, 0, -386, -14),
    ...moved('translate(-96,-118) rotate(-118.4)', [rect(0, -8, 122, 16, 4, 'q'), rect(122, -4.5, 124, 9, 1, 'q')]),
    circle(-214, -338, 8, 'q'),
    circle(-214, -338, 3, 'k'),
    path('M-150,-80 H150 a40,40 0 0 1 0,80 H-150 a40,40 0 0 1 0,-80Z'),
    path('M-150,-69 H150 a29,29 0 0 1 0,58 H-150 a29,29 0 0 1 0,-58Z', 'p'),
    ...chain,
    circle(-150, -40, 24, 'q'),
    circle(-150, -40, 9),
    circle(150, -40, 24, 'q'),
    circle(150, -40, 11),
    ...sprocket,
    rect(-116, -53, 232, 22, 3, 'q'),
    ...Array.from({ length: 6 }, (_, at) => [
      circle(-100 + at * 40, -20, 9, 'q'),
      circle(-100 + at * 40, -20, 3),
    ]).flat(),
    circle(-50, -62, 6, 'q'),
    circle(50, -62, 6, 'q'),
    rect(-62, -98, 124, 18, 2, 's'),
    ...louvre(-62, -98, 124, 18, 12),
    path('M20,-112 H150 V-196 q0,-12 -12,-12 H32 q-12,0 -12,12Z'),
    line(84, -112, 84, -208),
    rect(94, -192, 46, 68, 4, 'p'),
    ...louvre(94, -192, 46, 68, 8, 'h', false),
    rect(29, -194, 46, 74, 4, 'p'),
    ...louvre(33, -190, 38, 66, 7),
    rect(78, -160, 3, 14, 1, 'k'),
    rect(112, -236, 14, 28, 2, 'q'),
    path('M108,-236 h20 l5,-8 h-20z', 'q'),
    path('M150,-100 H196 Q219,-104 219,-128 V-182 Q219,-206 196,-208 H150Z', 's'),
    circle(196, -190, 6, 'q'),
    line(150, -126, 219, -126, 'h'),
    rect(-150, -112, 356, 14, 3),
    path('M-150,-112 L-150,-150 L-124,-284 Q-122,-292 -112,-292 H6 Q16,-292 16,-282 V-112Z'),
    path('M-141,-150 L-117,-281 H-86 V-150Z', 'p'),
    path('M-141,-142 H-86 V-118 H-141Z', 'p'),
    path('M-76,-281 H6 V-190 H-76Z', 'p'),
    path('M-76,-180 H6 V-118 H-76Z', 'p'),
    line(-128, -166, -108, -262, 'h'),
    line(-117, -166, -97, -262, 'h'),
    line(-60, -204, -36, -268, 'h'),
    line(-46, -204, -22, -268, 'h'),
    rect(-70, -176, 5, 22, 2, 'k'),
    path('M-92,-262 q-7,2 -7,12 V-160', 'p'),
    path('M-66,-292 v-9 h44 v9', 'p'),
    line(-600, 0, 300, 0, 'o'),
  ];
}
