import type { Schema } from '../../api/client';
import { isOf } from '../../api/entries';
import type { KeptEntry } from '../../offline/store';

export type Briefing = Schema['Briefing'] & {
  /** Whether the signature is on this tablet only: the yard has not taken it yet. */
  isSignedHere: boolean;
  /** Whether the release is on this tablet only: the machine is not released before the yard has taken it. */
  isReleasedHere: boolean;
};

/** With the steps, the answers and the signature that this tablet still keeps. */
export function withShownHere(briefing: Schema['Briefing'], kept: KeptEntry[]): Briefing {
  const mine = kept.filter((one) => one.walkId === briefing.walk_id).map((one) => one.entry);
  const shown = mine.flatMap((entry) => (entry.kind === 'handover.step_shown' ? [entry.payload.step] : []));
  const answers = mine.flatMap((entry) => (isOf(entry, 'handover.answered') ? [entry.payload] : []));
  const counted = mine.flatMap((entry) => (isOf(entry, 'things.handed') ? entry.payload.things : []));
  const signed = mine.find((entry) => isOf(entry, 'handover.signed'));

  return {
    ...briefing,
    steps_shown: [...new Set([...briefing.steps_shown, ...shown])],
    answers: { ...briefing.answers, ...Object.fromEntries(answers.map(({ question, answer }) => [question, answer])) },
    things: (briefing.things ?? []).map((one) => {
      const here = counted.filter(({ thing }) => thing === one.thing).at(-1);

      return here === undefined ? one : { ...one, handed: here.count, marks: here.marks ?? '' };
    }),
    ...(signed === undefined
      ? {}
      : { signed_name: signed.payload.name, signed_at: signed.recorded_at, signature: signed.payload.signature }),
    isSignedHere: signed !== undefined,
    isReleasedHere: mine.some((entry) => entry.kind === 'release.decided'),
  };
}
