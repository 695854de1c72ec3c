import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { LookPanel } from '../../src/features/walk/panels/LookPanel';
import { pendingAnswers } from '../../src/features/walk/state/pendingAnswers';

vi.mock('../../src/features/session/useSession', () => ({
  useMe: () => ({ id: 'ines', name: 'Ines', may: { walk: true, lead: false } }),
  useSession: () => ({ data: undefined }),
}));

const LINE = {
  key: 'cab-nobody@papers',
  check: 'cab-nobody',
  title: 'Nobody in it',
  how: '',
  accept: 'Nobody in it.',
  if_not: 'Wait.',
  severity: 'stop',
  source: { kind: 'practice', words: '' },
  may_stand_together: false,
  test: [],
  looks: [],
  conditions: [],
};

type Props = Parameters<typeof LookPanel>[0];

function show(line: Record<string, unknown>, outcome = 'open') {
  const post = vi.fn().mockResolvedValue({ judgement: null });
  const advance = vi.fn();
  const props = {
    walk: {
      id: 'w',
      state: { lines: [{ key: LINE.key, outcome, entry_id: outcome === 'open' ? null : 'e', judgement: null }] },
    },
    position: { line: { ...LINE, ...line }, visit: { lines: [LINE] }, advance },
    observed: {}, mayPost: true, isKept: false, post, inState: true, refusal: null, pending: pendingAnswers([], 'w'),
    onCross: vi.fn(), onFinding: vi.fn(), onTag: vi.fn(), onKnown: vi.fn(), onRefused: vi.fn(),
  } as unknown as Props;
  render(
    <QueryClientProvider client={new QueryClient()}>
      <LookPanel {...props} />
    </QueryClientProvider>,
  );

  return { post, advance, props };
}

const touch = async (testId: string) => userEvent.click(await screen.findByTestId(testId));

beforeEach(() => {
  document.body.innerHTML = '';
});

describe('a look', () => {
  it('that is not so asks where, and posts nothing until that is said', async () => {
    const { post, props } = show({});
    await touch('amiss');

    await vi.waitFor(() => expect(props.onFinding).toHaveBeenCalled());
    expect(post).not.toHaveBeenCalled();
  });

  it('that can be put right asks so first, and posts nothing until that is said', async () => {
    const { post, advance } = show({ other_answers: ['put_right'] });
    await touch('amiss');
    expect(post).not.toHaveBeenCalled();
    await touch('put-right');

    expect(post).toHaveBeenCalledWith('check.answered', { line: LINE.key, answer: 'put_right' });
    expect(advance).toHaveBeenCalledWith([LINE.key]);
  });

  it('that says stop and can be put right is put right with one touch', async () => {
    const { post } = show({ other_answers: ['put_right'] }, 'stop');
    expect(screen.queryByTestId('stands')).toBeNull();
    await touch('put-right');

    expect(post).toHaveBeenCalledWith('check.answered', { line: LINE.key, answer: 'put_right' });
  });

  it('that says stop and cannot be put right is not lifted by one touch', async () => {
    const { post } = show({}, 'stop');
    await touch('stands');

    expect(post).not.toHaveBeenCalled();
    expect(await screen.findByTestId('lift-hold')).toBeDefined();
  });

  it('is said not to be there only where the yard offers it', async () => {
    const { post } = show({ other_answers: ['not_fitted'] });
    await touch('cannot-tell');
    await touch('not-fitted-none');

    const [kind, payload] = post.mock.calls[0] as [string, { answer: string; words: string }];
    expect([kind, payload.answer]).toEqual(['check.answered', 'not_fitted']);
    expect(payload.words.length).toBeGreaterThan(3);
  });

  it('of a part that can stop the machine is never said not to be there', async () => {
    show({ other_answers: [] });
    await touch('cannot-tell');

    expect(await screen.findByTestId('cannot-dark')).toBeDefined();
    expect(screen.queryByTestId('not-fitted-none')).toBeNull();
  });
});
