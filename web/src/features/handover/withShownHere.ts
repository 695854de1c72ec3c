import type { Schema } from '../../api/client';
import type { KeptEntry } from '../../offline/store';

export type Briefing = Schema['Briefing'] & {
  /** Whether the signature is on this tablet only: the yard has not taken it yet. */
  isSignedHere: boolean;
  /** Whether the release is on this tablet only: the machine is not released before the yard has taken it. */
  isReleasedHere: boolean;
};

/** With the steps and the signature that this tablet still keeps. */
export function withShownHere(briefing: Schema['Briefing'], kept: KeptEntry[]): Briefing {
  const mine = kept.filter((one) => one.walkId === briefing.walk_id).map((one) => one.entry);
  const shown = mine.filter((entry) => entry.kind === 'handover.step_shown').map((entry) => String((entry.payload as { step?: string }).step));
  const signed = mine.find((entry) => entry.kind === 'handover.signed');
  const { name, signature } = (signed?.payload ?? {}) as { name?: string; signature?: number[][] };

  return {
    ...briefing,
    steps_shown: [...new Set([...briefing.steps_shown, ...shown])],
    ...(signed === undefined ? {} : { signed_name: name ?? null, signed_at: signed.recorded_at, signature: signature ?? null }),
    isSignedHere: signed !== undefined,
    isReleasedHere: mine.some((entry) => entry.kind === 'release.decided'),
  };
}
