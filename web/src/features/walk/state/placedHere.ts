import type { KeptEntry } from '../../../offline/store';

export interface PlacedHere {
  id: string;
  at: { x: number; y: number };
}

/** Findings of a walk that wait on this tablet: where they were placed, in centimetres of the plan. */
export function placedHere(kept: KeptEntry[], walkId: string): PlacedHere[] {
  return kept
    .filter((one) => one.walkId === walkId)
    .flatMap(({ entry }) => (entry.kind === 'finding.placed' ? [{ id: entry.id, at: entry.payload.at }] : []));
}
