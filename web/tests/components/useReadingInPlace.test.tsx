import { act, renderHook } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { useReadingInPlace } from '../../src/features/walk/station/useReadingInPlace';

type Args = Parameters<typeof useReadingInPlace>;

const opened = (key: string, more: Record<string, unknown> = {}) => ({
  id: key,
  line: { key, instrument: { kind: 'dipstick', unit: 'mm' } },
  isDone: false,
  isWaiting: false,
  shortcut: null,
  choices: [],
  ...more,
});

interface Shown {
  stage?: string;
  mayPost?: boolean;
  present?: string;
  items?: ReturnType<typeof opened>[];
}

const ITEMS = [
  opened('oil'),
  opened('hours', { shortcut: 'as_before' }),
  opened('paper', { line: { key: 'paper', instrument: null } }),
];

function show(first: Shown = {}) {
  const pick = vi.fn();
  const argsOf = ({ stage = 'cold', present = 'oil', items = ITEMS }: Shown) =>
    ({
      walk: { state: { stage, read_later: [], lines: [{ key: 'hours', last: '12.5' }] } },
      position: { visit: { stage: 'cold' }, line: { key: present } },
      leaf: { items: { opened: items }, present: items.find(({ id }) => id === present), pick },
    }) as unknown as { walk: Args[0]; position: Args[1]; leaf: Args[2] };
  const hook = renderHook(
    (shown: Shown) => {
      const { walk, position, leaf } = argsOf(shown);

      return useReadingInPlace(walk, position, leaf, { mayPost: shown.mayPost ?? true });
    },
    { initialProps: first },
  );

  return { ...hook, pick };
}

describe('the instrument of the row that is present', () => {
  it('stands on the page by itself', () => {
    expect(show().result.current.isShown).toBe(true);
  });

  it.each([
    ['nobody may answer', { mayPost: false }],
    ['the machine is in another state', { stage: 'running' }],
    ['it is a paper', { present: 'paper' }],
    ['it is said by one touch', { present: 'hours' }],
    ['it is answered', { items: [opened('oil', { isDone: true })] }],
  ] as [string, Shown][])('does not where %s', (_, shown) => {
    expect(show(shown).result.current.isShown).toBe(false);
  });

  it('is asked for where one touch would say it', () => {
    const { result, rerender, pick } = show({ present: 'hours' });
    act(() => expect(result.current.open('hours')).toBe(true));
    rerender({ present: 'hours' });

    expect(pick).toHaveBeenCalledOnce();
    expect(result.current.isShown).toBe(true);
  });

  it('is put away for the drawing, and opens nothing that is no reading', () => {
    const { result, rerender } = show();
    act(() => result.current.putAway());
    rerender({});

    expect(result.current.isShown).toBe(false);
    expect(result.current.open('paper')).toBe(false);
  });

  it.each([
    ['is on its way', { isWaiting: true }],
    ['was answered', { outcome: 'attend' }],
  ])('stays while what was read %s, and goes when the walk goes on', (_, how) => {
    const { result, rerender } = show();
    const items = [opened('oil', { isDone: true, ...how })];
    rerender({ items });
    expect(result.current.isShown).toBe(true);

    act(() => result.current.leave());
    rerender({ items });
    expect(result.current.isShown).toBe(false);
  });

  it('does not come back for what was answered before', () => {
    const { result, rerender } = show();
    const items = [opened('oil', { isDone: true }), ...ITEMS.slice(1)];
    rerender({ present: 'paper' });
    rerender({ present: 'oil', items });

    expect(result.current.isShown).toBe(false);
  });
});
