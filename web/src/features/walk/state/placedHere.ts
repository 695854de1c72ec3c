import type { KeptEntry } from '../../../offline/store';

export interface PlacedHere {
  id: string;
  at: { x: number; y: number };
}

/** Findings of a walk that wait on this tablet: where they were placed, in centimetres of the plan. */
export function placedHere(kept: KeptEntry[], walkId: string): PlacedHere[] {
  return kept
    .filter((one) => one.walkId === walkId && one.entry.kind === 'finding.placed')
    .map(({ entry }) => ({ id: entry.id, at: (entry.payload as { at: PlacedHere['at'] }).at }));
}
