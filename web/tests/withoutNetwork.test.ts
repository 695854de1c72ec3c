import { describe, expect, it } from 'vitest';
import { withShownHere } from '../src/features/handover/withShownHere';
import { pendingAnswers } from '../src/features/walk/state/pendingAnswers';
import { together } from '../src/features/walk/state/together';
import type { Walk } from '../src/features/walk/state/types';
import { applyPending } from '../src/features/walk/state/applyPending';
import { withoutNetwork } from '../src/features/walk/state/withoutNetwork';
import type { KeptEntry } from '../src/offline/store';

const WALK = 'walk-1';
let made = 0;
const kept = (kind: string, payload: Record<string, unknown>, walkId = WALK): KeptEntry =>
  ({
    walkId,
    userId: 'ines',
    standing: 'queued',
    entry: { id: `entry-${++made}`, kind, recorded_at: '2026-11-25T10:51:00Z', payload },
  }) as unknown as KeptEntry;

/**
 * A walk of three lines, none answered: a look that can stop the machine, one that is only noted, and a level that is
 * read.
 */
const walk = (state: Record<string, unknown> = {}): Walk => {
  const line = (key: string, seconds: number, lifted: string, amiss?: Record<string, string>) => ({
    planned: { key, title: key, seconds, ...(amiss === undefined ? {} : { if_amiss: amiss }) },
    state: { key, outcome: 'open', lifted_by: lifted },
  });
  const lines = [
    line('guard', 20, 'answer', { outcome: 'stop', lifted_by: 'repair' }),
    line('decal', 10, 'nothing', { outcome: 'attend', lifted_by: 'nothing' }),
    line('oil', 40, 'answer'),
  ];

  return {
    id: WALK,
    plan: { visits: [{ number: 1, lines: lines.map((one) => one.planned) }] },
    state: {
      stage: null,
      stages_entered: [],
      lines: lines.map((one) => one.state),
      findings: [],
      tag: null,
      hire_standing: 'walking_out',
      progress: { lines_done: 0, lines_left: 3, lines_shut: 0, seconds_left: 70, seconds_planned: 70 },
      ...state,
    },
  } as unknown as Walk;
};
const known = (entries: KeptEntry[], from: Walk = walk()) =>
  withoutNetwork(applyPending(from, entries), pendingAnswers(entries, WALK), entries);
const stands = (line: string) => kept('check.answered', { line, answer: 'stands' });

describe('a walk that the yard does not know all of', () => {
  it('is as it came when nothing is kept, or only of another walk', () => {
    const taken = walk();
    expect(applyPending(taken, [])).toBe(taken);
    expect(applyPending(taken, [kept('check.answered', { line: 'guard', answer: 'stands' }, 'walk-2')])).toBe(taken);
  });

  it('has the states, the looks and the minutes of this tablet', () => {
    const { state } = applyPending(walk(), [
      kept('state.crossed', { stage: 'cold' }),
      stands('guard'),
      kept('state.crossed', { stage: 'running' }),
      kept('reading.posted', { line: 'oil', value: '40' }),
    ]);

    expect(state.stage).toBe('running');
    expect(state.stages_entered).toEqual(['cold', 'running']);
    expect(state.lines.map(({ outcome }) => outcome)).toEqual(['stands', 'open', 'open']);
    expect(state.progress).toMatchObject({ lines_done: 2, lines_left: 1, seconds_left: 10 });
  });

  it('leaves it to the yard whether somebody still stands by', () => {
    const by = { person: { id: 'rafe' }, beside: 'ines', crossing: 'entry-0', since: '', until: '' };
    const from = walk({ stage: 'driving', standing_by: by });

    expect(applyPending(from, [stands('guard')]).state.standing_by).toEqual(by);
    expect(applyPending(from, [kept('state.crossed', { stage: 'secured' })]).state.standing_by).toBeNull();
  });

  it('takes from the plan what it means when something is not so, and holds where the plan does not say', () => {
    const amiss = (line: string) =>
      applyPending(walk(), [kept('check.answered', { line, answer: 'amiss' })]).state.lines.find(
        ({ key }) => key === line,
      );

    expect(amiss('guard')).toMatchObject({ outcome: 'stop', lifted_by: 'repair' });
    expect(amiss('decal')).toMatchObject({ outcome: 'attend', lifted_by: 'nothing' });
    expect(amiss('oil')).toMatchObject({ outcome: 'attend', lifted_by: 'reread' });
  });

  it('goes by the last answer to a line', () => {
    expect(
      pendingAnswers([kept('check.answered', { line: 'guard', answer: 'amiss' }), stands('guard')], WALK).get('guard'),
    ).toBe('stands');
  });

  it('is over when it was signed for here', () => {
    expect(
      applyPending(walk(), [kept('handover.signed', { name: 'Lena Holm', signature: [] })]).state.hire_standing,
    ).toBe('out');
  });
});

describe('the decision with no network', () => {
  it('is no release while a line is open that has to be answered', () => {
    expect(known([stands('guard')])).toMatchObject({ may: 'hold', decided: null });
    expect(known([stands('guard')]).lines.map(({ line }) => line.key)).toEqual(['oil']);
  });

  it('may be signed as a release when every line is answered, and names what is judged later', () => {
    const all = known([
      stands('guard'),
      kept('reading.posted', { line: 'oil', value: '40' }),
      kept('finding.placed', { kind: 'scratch' }),
    ]);

    expect(all.may).toBe('release');
    expect(all.notJudged.map((line) => line.key)).toEqual(['oil']);
    expect(all.notGraded).toBe(1);
    expect(all.onTheWay).toBe(3);
  });

  it('does not need what is only noted', () => {
    expect(
      known([
        stands('guard'),
        kept('reading.posted', { line: 'oil' }),
        kept('check.answered', { line: 'decal', answer: 'amiss' }),
      ]).may,
    ).toBe('release');
  });

  it('is no release of what was not so, could not be told, was found before, or hangs under a tag', () => {
    const rest = [kept('reading.posted', { line: 'oil' })];

    expect(known([...rest, kept('check.answered', { line: 'guard', answer: 'amiss' })]).may).toBe('tag');
    expect(known([...rest, kept('check.answered', { line: 'guard', answer: 'cannot_tell', words: 'Mud' })]).may).toBe(
      'hold',
    );
    expect(known([...rest, stands('guard')], walk({ findings: [{ id: 'f', lifted_by: 'leads_condition' }] })).may).toBe(
      'hold',
    );
    expect(known([...rest, stands('guard')], walk({ findings: [{ id: 'f', lifted_by: 'repair' }] })).may).toBe('tag');
    expect(known([...rest, stands('guard')], walk({ tag: { number: 4 } })).may).toBe('tag');
  });

  it('says what was put down here last', () => {
    expect(known([kept('release.decided', { decision: 'released', conditions: [] })]).decided).toEqual({
      decision: 'released',
      at: '2026-11-25T10:51:00Z',
      reason: '',
    });
    expect(
      known([
        kept('release.decided', { decision: 'released', conditions: [] }),
        kept('tag.hung', { reason: 'Guard loose' }),
      ]).decided,
    ).toMatchObject({ decision: 'tagged_out', reason: 'Guard loose' });
  });
});

describe('a handover with no network', () => {
  const briefing = {
    walk_id: WALK,
    steps_shown: ['key'],
    signed_at: null,
    signed_name: null,
    signature: null,
  } as unknown as Parameters<typeof withShownHere>[0];

  it('goes on where it stopped on this tablet, and its signature is not the yard’s yet', () => {
    const shown = [
      kept('release.decided', { decision: 'released' }),
      kept('handover.step_shown', { step: 'key' }),
      kept('handover.step_shown', { step: 'seat' }),
      kept('handover.step_shown', { step: 'stop' }, 'walk-2'),
    ];
    expect(withShownHere(briefing, shown)).toMatchObject({
      steps_shown: ['key', 'seat'],
      signed_at: null,
      isSignedHere: false,
      isReleasedHere: true,
    });

    const signed = withShownHere(briefing, [
      ...shown,
      kept('handover.signed', { name: 'Lena Holm', signature: [[1, 2, 3, 4]] }),
    ]);
    expect(signed).toMatchObject({
      signed_name: 'Lena Holm',
      signature: [[1, 2, 3, 4]],
      signed_at: '2026-11-25T10:51:00Z',
      isSignedHere: true,
    });
  });

  it('that was refused is told once, and everything else one by one', () => {
    const refused = [
      kept('release.decided', {}),
      kept('handover.step_shown', { step: 'key' }),
      kept('handover.step_shown', { step: 'seat' }),
      kept('handover.signed', {}),
      kept('check.answered', { line: 'oil' }),
    ];

    expect(together(refused).map((group) => group.length)).toEqual([1, 3, 1]);
    expect(together(refused).flat()).toEqual(refused);
  });
});
