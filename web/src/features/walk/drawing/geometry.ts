import type { Schema } from '../../../api/client';

type XY = Schema['Position'];

/** The first part of a path, up to a distance along it. */
export function walkedPart(route: XY[], distance: number): XY[] {
  const points: XY[] = route.slice(0, 1);
  let left = distance;
  for (let at = 1; at < route.length; at++) {
    const from = route[at - 1];
    const to = route[at];
    if (from === undefined || to === undefined || left <= 0) {
      break;
    }
    const leg = Math.hypot(to.x - from.x, to.y - from.y);
    const share = leg === 0 ? 1 : Math.min(1, left / leg);
    points.push({ x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share });
    left -= leg;
  }

  return points;
}

/** A path through the points with its corners rounded. */
export function rounded(points: XY[], radius: number): string {
  const [first] = points;
  if (first === undefined) {
    return '';
  }
  let d = `M${first.x},${first.y}`;
  for (let at = 1; at < points.length; at++) {
    const before = points[at - 1];
    const here = points[at];
    const after = points[at + 1];
    if (before === undefined || here === undefined) {
      break;
    }
    if (after === undefined) {
      d += `L${here.x},${here.y}`;
      break;
    }
    const into = towards(here, before, radius);
    const out = towards(here, after, radius);
    d += `L${into.x},${into.y}Q${here.x},${here.y} ${out.x},${out.y}`;
  }

  return d;
}

function towards(from: XY, to: XY, most: number): XY {
  const length = Math.hypot(to.x - from.x, to.y - from.y);
  const share = length === 0 ? 0 : Math.min(most, length / 2) / length;

  return { x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share };
}
