import type { Schema } from '../../api/client';
import type { Briefing } from './withShownHere';

export type Length = Schema['BriefingLength'];

/** The briefing with the steps of one length. One that a tablet kept from before knows one length: all of it. */
export function told(briefing: Briefing, length: Length): Briefing {
  const ids = (briefing.lengths ?? []).find((one) => one.length === length)?.steps;

  return ids === undefined ? briefing : { ...briefing, steps: briefing.steps.filter((step) => ids.includes(step.id)) };
}

/** Where it goes on: the first step that was not shown, or the signature. */
export function firstOpen(steps: Briefing['steps'], shown: ReadonlySet<string>): number {
  const at = steps.findIndex((step) => !shown.has(step.id));

  return at === -1 ? steps.length : at;
}
