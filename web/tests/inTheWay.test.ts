import { describe, expect, it } from 'vitest';
import { inTheWay } from '../src/features/walk/state/inTheWay';
import type { PendingAnswer } from '../src/features/walk/state/pendingAnswers';
import type { Stage, Walk } from '../src/features/walk/state/types';

const walk = (outcomes: Record<string, string>, state: Record<string, unknown> = {}) => {
  const lines = Object.entries(outcomes).map(([key, outcome]) => ({ key, outcome }));

  return { state: { lines, shut_stages: [], blocked_stages: [], read_later: [], ...state } } as unknown as Walk;
};
const running = (gates?: string[]) =>
  ({ id: 'running', ...(gates === undefined ? {} : { gated_by: gates }) }) as unknown as Stage;
const kept = (answers: Record<string, PendingAnswer> = {}) => new Map(Object.entries(answers));

describe('what keeps a machine from its next state', () => {
  it('is every gate that does not stand, and nothing else', () => {
    expect(
      inTheWay(
        walk({ guard: 'stands', fan: 'open', horn: 'attend', decal: 'open' }),
        running(['guard', 'fan', 'horn']),
        kept(),
      ),
    ).toEqual({ lines: ['fan', 'horn'], byEye: [] });
    expect(inTheWay(walk({ guard: 'stands' }), running(['guard']), kept())).toEqual({ lines: [], byEye: [] });
  });

  it('is what could not be told here, though it stood before', () => {
    expect(inTheWay(walk({ guard: 'stands' }), running(['guard']), kept({ guard: 'cannot_tell' })).lines).toEqual([
      'guard',
    ]);
  });

  it('leaves what was read here and nobody judged to the eye, and only when nothing else is in the way', () => {
    expect(
      inTheWay(walk({ oil: 'open', guard: 'stands' }), running(['oil', 'guard']), kept({ oil: 'not_judged' })),
    ).toEqual({ lines: [], byEye: ['oil'] });
    expect(inTheWay(walk({ oil: 'stands' }), running(['oil']), kept({ oil: 'not_judged' })).byEye).toEqual(['oil']);
    expect(
      inTheWay(walk({ oil: 'open', guard: 'open' }), running(['oil', 'guard']), kept({ oil: 'not_judged' })),
    ).toEqual({ lines: ['guard'], byEye: [] });
  });

  it('leaves nothing to the eye where the yard said stop', () => {
    const shut = { shut_stages: [{ stage: 'running', lines: ['brake'] }] };

    expect(inTheWay(walk({ brake: 'stop' }, shut), running(['brake']), kept({ brake: 'not_judged' }))).toEqual({
      lines: ['brake'],
      byEye: [],
    });
  });

  it('lets wait what the yard lets wait, until somebody looks again', () => {
    const frost = { read_later: [{ line: 'oil', stages: ['cold_isolated', 'secured'] }] };

    expect(inTheWay(walk({ oil: 'open', guard: 'open' }, frost), running(['oil', 'guard']), kept()).lines).toEqual([
      'guard',
    ]);
    expect(inTheWay(walk({ oil: 'open' }, frost), running(['oil']), kept({ oil: 'cannot_tell' })).lines).toEqual([
      'oil',
    ]);
  });

  it('goes by the yard’s own list where the plan is older than the list of gates', () => {
    expect(
      inTheWay(walk({ fan: 'open' }, { blocked_stages: [{ stage: 'running', lines: ['fan'] }] }), running(), kept())
        .lines,
    ).toEqual(['fan']);
  });
});
