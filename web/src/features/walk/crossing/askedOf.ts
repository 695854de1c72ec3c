import type { Stage, Walk } from '../state/types';

/** The lines of a crossing that are asked of a machine in its present state; before the first crossing all are. */
export const askedOf = (stage: Stage, walk: Walk): Stage['lines'] =>
  stage.lines.filter(
    (line) =>
      walk.state.stage === null || !Array.isArray(line.asked_from) || line.asked_from.includes(walk.state.stage),
  );
