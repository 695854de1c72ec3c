import { describe, expect, it } from 'vitest';
import { mergeState } from '../src/features/walk/state/mergeState';
import type { WalkState } from '../src/features/walk/state/types';

const state = (sequence: number, outcomes: Record<string, string>, stage = 'cold'): WalkState =>
  ({
    sequence,
    stage,
    lines: Object.entries(outcomes).map(([key, outcome]) => ({ key, outcome })),
  }) as unknown as WalkState;
const outcomes = ({ lines }: WalkState) => Object.fromEntries(lines.map(({ key, outcome }) => [key, outcome]));

describe('an answer that tells only what changed', () => {
  it('leaves the other lines as they were, in their order', () => {
    const merged = mergeState(
      state(4, { guard: 'stands', oil: 'open', horn: 'open' }),
      state(6, { horn: 'stands' }, 'running'),
    );

    expect(outcomes(merged)).toEqual({ guard: 'stands', oil: 'open', horn: 'stands' });
    expect(merged.lines.map(({ key }) => key)).toEqual(['guard', 'oil', 'horn']);
    expect([merged.sequence, merged.stage]).toEqual([6, 'running']);
  });

  it('that comes later than a newer one changes nothing', () => {
    const newer = state(8, { guard: 'stands', oil: 'attend' }, 'running');

    expect(mergeState(newer, state(6, { oil: 'open' }))).toBe(newer);
  });

  it('and one that tells everything comes to the same', () => {
    const before = state(4, { guard: 'open', oil: 'open' });
    const whole = state(5, { guard: 'stands', oil: 'open' });

    expect(mergeState(before, whole)).toEqual(whole);
    expect(mergeState(before, state(5, { guard: 'stands' }))).toEqual(whole);
  });
});
