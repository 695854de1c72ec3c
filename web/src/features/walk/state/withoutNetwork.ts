import type { Schema } from '../../../api/client';
import type { KeptEntry } from '../../../offline/store';
import type { PendingAnswers } from './pendingAnswers';
import type { Finding, Line, Walk } from './types';

/** What this tablet knows of a decision that the yard makes: its own last word, and what was entered here since. */
export interface KnownHere {
  /** How many entries of this walk the yard does not have yet. */
  onTheWay: number;
  /** Lines that keep the machine here: not answered, or not as they should be. */
  lines: { line: Line; outcome: Schema['Outcome']; liftedBy: Schema['LiftedBy'] }[];
  /** Findings that keep it here. */
  findings: { finding: Finding; liftedBy: Schema['LiftedBy'] }[];
  /** Lines that were answered here and are judged when the yard has them. */
  notJudged: Line[];
  /** Findings that were placed or seen here and are graded when the yard has them. */
  notGraded: number;
  /** What somebody may put their name to, on the strength of that. */
  may: 'release' | 'hold' | 'tag';
  /** What somebody put their name to here. */
  decided: Decided | null;
}

export interface Decided {
  decision: Schema['Decision'];
  at: string;
  reason: string;
}

/** `walk` with what is kept in it already, `kept` what the yard does not have. */
export function withoutNetwork(walk: Walk, answers: PendingAnswers, kept: KeptEntry[]): KnownHere {
  const mine = kept.filter((one) => one.walkId === walk.id);
  const planned = new Map(walk.plan.visits.flatMap((visit) => visit.lines).map((line) => [line.key, line]));
  const lines = walk.state.lines.flatMap(({ key, outcome, lifted_by: liftedBy }) => {
    const line = planned.get(key);

    return line === undefined || liftedBy === null || liftedBy === 'nothing' || answers.get(key) === 'not_judged'
      ? []
      : [{ line, outcome, liftedBy }];
  });
  const findings = walk.state.findings.flatMap((finding) =>
    finding.lifted_by === null || finding.lifted_by === 'nothing' ? [] : [{ finding, liftedBy: finding.lifted_by }],
  );
  const isStopped = walk.state.tag !== null || [...lines, ...findings].some(({ liftedBy }) => liftedBy === 'repair');

  return {
    onTheWay: mine.length,
    lines,
    findings,
    notJudged: [...answers].flatMap(([key, answer]) => (answer === 'not_judged' ? (planned.get(key) ?? []) : [])),
    notGraded: mine.filter((one) => one.entry.kind === 'finding.placed' || one.entry.kind === 'finding.seen_again')
      .length,
    may: isStopped ? 'tag' : mayOf(lines.length + findings.length),
    decided: lastDecided(mine),
  };
}

/** Where nothing stops the machine: whether anything is left that holds it. */
const mayOf = (left: number): 'hold' | 'release' => (left > 0 ? 'hold' : 'release');

function lastDecided(mine: KeptEntry[]): Decided | null {
  let last: Decided | null = null;
  for (const { entry } of mine) {
    if (entry.kind === 'release.decided') {
      last = { decision: entry.payload.decision, at: entry.recorded_at, reason: '' };
    } else if (entry.kind === 'tag.hung') {
      last = { decision: 'tagged_out', at: entry.recorded_at, reason: entry.payload.reason };
    }
  }

  return last;
}
