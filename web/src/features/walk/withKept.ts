import type { KeptEntry } from '../../offline/store';
import type { Walk } from './types';

/** The walk as it stands on this tablet: states that were crossed into with no network are entered here already. */
export function withKept(walk: Walk, kept: KeptEntry[]): Walk {
  const crossed = kept.filter((one) => one.walkId === walk.id && one.entry.kind === 'state.crossed').map((one) => String((one.entry.payload as { stage?: string }).stage));
  const last = crossed[crossed.length - 1];

  return last === undefined ? walk : { ...walk, state: { ...walk.state, stage: last, stages_entered: [...new Set([...walk.state.stages_entered, ...crossed])] } };
}
