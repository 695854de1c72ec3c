import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ReadingPanel } from '../../src/features/walk/panels/ReadingPanel';

const verdict = vi.hoisted(() => ({ outcome: 'stands' }));
vi.mock('../../src/features/walk/state/useVerdict', () => ({
  useVerdict: () => ({
    data: {
      is_valid: true,
      missing_conditions: [],
      may_be_read_later: false,
      verdict: {
        outcome: verdict.outcome,
        reason: '',
        act: null,
        source: { kind: 'maker', words: '' },
        is_disputed: false,
        top_up: null,
        working: [],
      },
    },
    isFetching: false,
    isError: false,
  }),
}));
vi.mock('../../src/features/session/useSession', () => ({
  useMe: () => ({ id: 'ines', name: 'Ines', may: { walk: true, lead: false } }),
  useSession: () => ({ data: undefined }),
}));

type Props = Parameters<typeof ReadingPanel>[0];

const condition = (id: string, more: Record<string, unknown> = {}) => ({
  id,
  asks: `Is it ${id}`,
  unit: null,
  at_least: null,
  at_most: null,
  wants_figure: false,
  ...more,
});

interface Shown {
  observed?: Props['observed'];
  conditions?: ReturnType<typeof condition>[];
  goOn?: Props['goOn'];
  looks?: string[];
}

function show({
  observed = {},
  conditions = [condition('level'), condition('wiped')],
  goOn,
  looks = [],
}: Shown = {}) {
  const post = vi.fn().mockResolvedValue('kept');
  const acts = { onObserved: vi.fn(), onNotStanding: vi.fn(), onTag: vi.fn(), advance: vi.fn() };
  const line = {
    key: 'belt',
    title: 'Give of the belt',
    conditions: conditions.map(({ id }) => id),
    looks,
    other_answers: [],
  };
  const props = {
    walk: {
      id: crypto.randomUUID(),
      machine: {},
      plan: { movement: 'checkout', conditions },
      state: { stage: 'cold', lines: [{ key: 'belt', outcome: 'open', value: null, last: null }] },
    },
    position: { line, advance: acts.advance },
    observed,
    mayPost: true,
    isKept: false,
    inState: true,
    instrument: { kind: 'scale', face: 'rule', unit: 'mm', step: 1, low: 0, high: 20, bands: [] },
    post,
    goOn,
    ...acts,
  } as unknown as Props;
  render(
    <QueryClientProvider client={new QueryClient()}>
      <ReadingPanel {...props} />
    </QueryClientProvider>,
  );

  return { post, ...acts };
}

const set = () => userEvent.click(screen.getByRole('button', { name: /more/i }));

async function hold(): Promise<void> {
  vi.useFakeTimers();
  fireEvent.pointerDown(screen.getByTestId('post'));
  act(() => {
    vi.advanceTimersByTime(1000);
  });
  vi.useRealTimers();
  await act(() => Promise.resolve());
}

beforeEach(() => {
  document.body.innerHTML = '';
  localStorage.clear();
  verdict.outcome = 'stands';
});
afterEach(() => vi.useRealTimers());

describe('a reading', () => {
  it('says the posture with the act that posts it, and remembers it for the next one', async () => {
    const { post, onObserved, advance } = show();
    await set();
    const seen = { level: { condition: 'level', seen: true }, wiped: { condition: 'wiped', seen: true } };
    expect(screen.getByTestId('post').textContent).toContain('a, b');
    expect(screen.getByText('If a, b are so:'), 'no verdict as if it were held already').toBeDefined();
    fireEvent.click(screen.getByTestId('post'));
    expect(post).not.toHaveBeenCalled();
    await hold();

    await waitFor(() => expect(advance).toHaveBeenCalledWith(['belt']));
    const payload = await (post.mock.calls[0]?.[1] as (id: string) => Promise<unknown>)('id');
    expect(payload).toMatchObject({ line: 'belt', value: '1', observed: Object.values(seen) });
    expect(onObserved).toHaveBeenCalledWith(seen);
  });

  it('says nothing of what is not so, or has to be measured', async () => {
    const measured = condition('oil', { unit: 'degC', at_least: 20, at_most: 40, wants_figure: true });
    for (const shown of [{ conditions: [measured] }, { observed: { level: { condition: 'level', seen: false } } }]) {
      document.body.innerHTML = '';
      const { post } = show(shown);
      await set();
      expect(screen.getByTestId('post').hasAttribute('disabled')).toBe(true);
      expect(post).not.toHaveBeenCalled();
    }
  });

  it('is posted by a touch where its posture was said before', async () => {
    const { post, advance } = show({
      observed: { level: { condition: 'level', seen: true }, wiped: { condition: 'wiped', seen: true } },
    });
    await set();
    await userEvent.click(screen.getByTestId('post'));

    expect(post).toHaveBeenCalledOnce();
    await waitFor(() => expect(advance).toHaveBeenCalledWith(['belt']));
  });

  it('is held where it is the last thing on its page, and the walk goes on', async () => {
    const goOn = vi.fn();
    const { advance } = show({ conditions: [], goOn });
    await set();
    await hold();

    await waitFor(() => expect(goOn).toHaveBeenCalledWith(['belt']));
    expect(advance).not.toHaveBeenCalled();
  });

  it('has no look chosen before anybody looked: the act that posts says it, held', async () => {
    const { post } = show({ conditions: [], looks: ['clear', 'dark'] });
    await set();
    expect(screen.getByTestId('look-clear').getAttribute('aria-pressed')).not.toBe('true');
    expect(screen.getByText('If it looks clear:')).toBeDefined();
    expect(screen.getByTestId('post').textContent).toContain('Clear');
    fireEvent.click(screen.getByTestId('post'));
    expect(post).not.toHaveBeenCalled();
    await hold();

    await waitFor(() => expect(post).toHaveBeenCalledOnce());
    const payload = await (post.mock.calls[0]?.[1] as (id: string) => Promise<unknown>)('id');
    expect(payload).toMatchObject({ look: 'clear' });
  });

  it('is posted by a touch with the look that was chosen', async () => {
    const { post } = show({ conditions: [], looks: ['clear', 'dark'] });
    await set();
    await userEvent.click(screen.getByTestId('look-dark'));
    expect(screen.queryByText(/^If/)).toBeNull();
    await userEvent.click(screen.getByTestId('post'));

    const payload = await (post.mock.calls[0]?.[1] as (id: string) => Promise<unknown>)('id');
    expect(payload).toMatchObject({ look: 'dark' });
  });

  it('turns no page where it does not stand', async () => {
    verdict.outcome = 'attend';
    const goOn = vi.fn();
    const { post } = show({ conditions: [], goOn });
    await set();
    await userEvent.click(screen.getByTestId('post'));

    expect(post).toHaveBeenCalledOnce();
    expect(goOn).not.toHaveBeenCalled();
  });
});
