import type { Line, Walk } from './types';

/** A line by its title, and where it is done when it is done in several places: "Tread depth, right wheels". */
export function nameOfLine(walk: Walk, line: Line): string {
  const visit = line.key.includes('@')
    ? walk.plan.visits.find((one) => one.lines.some(({ key }) => key === line.key))
    : undefined;

  if (visit === undefined) {
    return line.title;
  }

  return `${line.title}, ${visit.name.charAt(0).toLowerCase()}${visit.name.slice(1)}`;
}
