export type XY = [number, number];

export interface Mark<Thing> {
  thing: Thing;
  anchor: XY;
  at: XY;
}

interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** Whether marks stand above and below a drawing, and not beside it. */
export const isWide = ({ width, height }: { width: number; height: number }): boolean => width >= height * 0.9;

/**
 * Number marks outside a drawing: above and below a wide one, left and right of a tall one. On each side they stand in
 * the order of their anchors and never closer than a finger, so that no leaders cross.
 *
 * @param gap how far apart two marks stand at least, in units of the drawing
 * @param margin from the edge of the drawing to the middle of a mark
 */
export function layMarks<Thing>(
  things: { thing: Thing; anchor: XY }[],
  box: Box,
  gap: number,
  margin: number,
): Mark<Thing>[] {
  const wide = isWide(box);
  const [along, across] = wide ? ([0, 1] as const) : ([1, 0] as const);
  const start = wide ? box.x : box.y;
  const length = wide ? box.width : box.height;
  const edges: [number, number] = wide
    ? [box.y - margin, box.y + box.height + margin]
    : [box.x - margin, box.x + box.width + margin];
  const many = Math.max(1, Math.floor(length / gap));
  const ordered = [...things].sort((a, b) => a.anchor[across] - b.anchor[across]);
  // As many on each side as there is room for; the nearer half of them on the near one.
  const half = Math.min(many, Math.ceil(ordered.length / 2));
  const sides = [ordered.slice(0, half), ordered.slice(half)];

  return sides.flatMap((side, at) => {
    const sorted = [...side].sort((a, b) => a.anchor[along] - b.anchor[along]);
    const places = spread(
      sorted.map(({ anchor }) => anchor[along]),
      start,
      start + length,
      gap,
    );

    return sorted.map(({ thing, anchor }, index): Mark<Thing> => {
      const place = places[index] ?? start;
      const edge = edges[at === 0 ? 0 : 1];

      return { thing, anchor, at: wide ? [place, edge] : [edge, place] };
    });
  });
}

/** The places nearest to those that are wanted, in the same order, within bounds and not closer than a gap. */
export function spread(wanted: number[], from: number, until: number, gap: number): number[] {
  const step = wanted.length > 1 ? Math.min(gap, (until - from) / (wanted.length - 1)) : gap;
  const places = wanted.map((one) => Math.min(Math.max(one, from), until));
  for (let at = 1; at < places.length; at++) {
    places[at] = Math.max(places[at] ?? 0, (places[at - 1] ?? 0) + step);
  }
  for (let at = places.length - 1; at >= 0; at--) {
    const most = at === places.length - 1 ? until : (places[at + 1] ?? until) - step;
    places[at] = Math.min(places[at] ?? 0, most);
  }

  return places;
}
