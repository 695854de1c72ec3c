import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { StationLeaf } from '../../src/features/walk/station/StationLeaf';
import { pendingAnswers } from '../../src/features/walk/state/pendingAnswers';
import { useTestRuns } from '../../src/features/walk/state/testRuns';
import { useLeaf } from '../../src/features/walk/station/useLeaf';
import type { KeptEntry } from '../../src/offline/store';

vi.mock('../../src/features/session/useSession', () => ({
  useMe: () => ({ id: 'ines', name: 'Ines', may: { walk: true, lead: false } }),
  useSession: () => ({ data: undefined }),
}));

const line = (key: string, more: Record<string, unknown> = {}) => ({
  key,
  check: key,
  title: `Title of ${key}`,
  how: '',
  accept: `${key} is so.`,
  if_not: '',
  severity: 'hold',
  answer: 'look',
  source: { kind: 'common_practice', words: '' },
  test: [],
  looks: [],
  conditions: [],
  instrument: null,
  paper: null,
  other_answers: [],
  ...more,
});
const step = (expect: string, more: Record<string, unknown> = {}) => ({
  do: `Do ${expect}`,
  expect,
  fail_means: '',
  seconds: null,
  severity: 'stop',
  ...more,
});
const METER = { kind: 'hour_meter', unit: 'h' };

const LINES = [
  line('crack', { severity: 'stop' }),
  line('brake', {
    severity: 'stop',
    answer: 'test',
    test: [step('Halts'), step('Comes back', { severity: 'hold' })],
  }),
  line('meter', { answer: 'reading', instrument: METER }),
  line('paint'),
  line('plate'),
];
const LEAF = {
  lines: LINES.map(({ key }) => key),
  each: [
    { line: 'crack', step: null, alone: true },
    { line: 'brake', step: 0, alone: true },
    { line: 'brake', step: 1, alone: false },
  ],
  together: [
    { line: 'paint', step: null, alone: false },
    { line: 'plate', step: null, alone: false },
  ],
};

type Props = Parameters<typeof StationLeaf>[0];
type Outcomes = Record<string, string>;

function walkOf(outcomes: Outcomes, carried: unknown[]) {
  return {
    id: crypto.randomUUID(),
    plan: { movement: 'checkout', stages: [{ id: 'cold', title: 'Cold' }], parts: [] },
    state: {
      stage: 'cold',
      findings: [],
      read_later: [],
      carried,
      tag: null,
      may_be_given_back: false,
      decision: null,
      progress: { lines_left: 5 },
      lines: LINES.map(({ key }) => ({
        key,
        outcome: outcomes[key] ?? 'open',
        value: null,
        last: key === 'meter' ? '1204.6' : null,
      })),
    },
  };
}

interface Shown {
  outcomes?: Outcomes;
  carried?: unknown[];
  /** Serials, where what is opened is the plate. */
  choices?: string[];
  /** How what is opened is most often said. */
  shortcut?: string;
  /** The machine is brought into the state of the page there. */
  crossing?: Props['crossing'];
  /** Only what is said together stands on it. */
  isSaidAtOnce?: boolean;
  /** Nothing is answered in it yet. */
  isFresh?: boolean;
}

function show({
  outcomes = {},
  carried = [],
  choices = [],
  shortcut = choices.length === 0 ? 'as_before' : 'one_of_three',
  crossing = null,
  isSaidAtOnce = false,
  isFresh = false,
}: Shown = {}) {
  const post = vi.fn().mockResolvedValue({ judgement: null });
  const walk = walkOf(outcomes, carried);
  const whole = { ...LEAF, opened: [{ line: 'meter', shortcut, choices }] };
  const leaf = isSaidAtOnce ? { ...LEAF, lines: ['paint', 'plate'], each: [], opened: [] } : whole;
  walk.state.stage = crossing === null ? 'cold' : 'before';
  walk.state.may_be_given_back = isFresh;
  const visit = { number: 4, stage: 'cold', name: 'Right track', part: null, lines: LINES, leaves: [leaf] };
  const next = { visit: { ...visit, number: 5, name: 'Rear' }, line: line('other') };
  const position = {
    visit,
    leaf,
    leafNumber: 1,
    line: LINES[0],
    goLine: vi.fn(),
    goVisit: vi.fn(),
    advance: vi.fn(),
    next: vi.fn(() => next),
  };
  const acts = {
    onOpen: vi.fn(),
    onNotSo: vi.fn(),
    onRefused: vi.fn(),
    onCross: vi.fn(),
    onFinding: vi.fn(),
    onTag: vi.fn(),
    onKnown: vi.fn(),
    onGivenBack: vi.fn(),
  };
  function Shown() {
    const tests = useTestRuns(walk.id);
    const pending = pendingAnswers([] as KeptEntry[], walk.id);
    const props = {
      walk,
      position,
      post,
      tests,
      observed: {},
      mayPost: true,
      isKept: false,
      refusal: null,
      pending,
      beingSet: null,
      crossing,
      ...acts,
    } as unknown as Props;
    const state = useLeaf(props.walk, props.position, pending, tests);

    return <StationLeaf {...props} state={state} />;
  }
  render(
    <QueryClientProvider client={new QueryClient()}>
      <Shown />
    </QueryClientProvider>,
  );

  return { post, position, ...acts };
}

/** A crossing into the state of the page that only is read. */
function plainCrossing(isTaken = true) {
  return {
    stage: { id: 'cold', letter: 'B', title: 'Cold', lines: [] },
    lines: [{ id: 'covers', text: 'Covers shut.', why: 'Hands.', wait_seconds: 0, alone: false }],
    busy: false,
    problem: null,
    goIn: vi.fn().mockResolvedValue(isTaken),
  } as unknown as NonNullable<Props['crossing']>;
}

/** Holds the act at the foot for as long as it asks. */
function hold(act_ = 'others-stand'): void {
  vi.useFakeTimers();
  fireEvent.pointerDown(screen.getByTestId(act_));
  act(() => {
    vi.advanceTimersByTime(1000);
  });
  vi.useRealTimers();
}

const posted = (post: ReturnType<typeof vi.fn>) =>
  (post.mock.calls as [string, object][]).map(([kind, payload]) => [kind, payload]);

beforeEach(() => {
  document.body.innerHTML = '';
  localStorage.clear();
});
afterEach(() => vi.useRealTimers());

describe('a page of the walk', () => {
  it('gives what tags the machine out a touch of its own, and nothing else', () => {
    show();

    expect(screen.getByTestId('stands-crack')).toBeDefined();
    expect(screen.getByTestId('stands-brake:0')).toBeDefined();
    expect(screen.queryByTestId('stands-brake:1')).toBeNull();
    expect(screen.queryByTestId('stands-paint')).toBeNull();
  });

  it('says the others by one act that is held, and never what tags out or a reading', () => {
    const { post } = show();
    expect(screen.getByTestId('others-stand').textContent).toContain('3, 5, 6');
    hold();

    expect(posted(post)).toEqual([
      ['check.answered', { line: 'paint', answer: 'stands', together: true }],
      ['check.answered', { line: 'plate', answer: 'stands', together: true }],
    ]);
  });

  it('brings the machine into its state before anything on it is answered', () => {
    const crossing = plainCrossing();
    const { post } = show({ crossing });

    expect(screen.getByTestId('said-covers').textContent).toContain('Covers shut.');
    expect(screen.queryByTestId('stands-crack')).toBeNull();
    expect(screen.queryByTestId('others-stand')).toBeNull();
    hold('confirm-state');
    expect(crossing.goIn).toHaveBeenCalledOnce();
    expect(posted(post)).toEqual([]);
  });

  it('gives a walk back that was opened by mistake, where its first state is not entered yet', async () => {
    const { post, onGivenBack } = show({ crossing: plainCrossing(), isFresh: true });
    await userEvent.click(screen.getByTestId('give-back'));

    expect(posted(post)).toEqual([['walk.given_back', {}]]);
    await waitFor(() => expect(onGivenBack).toHaveBeenCalledOnce());
    document.body.innerHTML = '';

    show({ crossing: plainCrossing() });
    expect(screen.queryByTestId('give-back')).toBeNull();
    expect(screen.getByTestId('on')).toBeDefined();
  });

  it('says a page of which all is said together with the state, and nothing where the state is not taken', async () => {
    const taken = show({ crossing: plainCrossing(), isSaidAtOnce: true });
    hold('confirm-state');
    await waitFor(() => expect(posted(taken.post).map(([, said]) => said)).toEqual([
      { line: 'paint', answer: 'stands', together: true },
      { line: 'plate', answer: 'stands', together: true },
    ]));

    document.body.innerHTML = '';
    const refused = show({ crossing: plainCrossing(false), isSaidAtOnce: true });
    hold('confirm-state');
    await act(() => Promise.resolve());
    expect(posted(refused.post)).toEqual([]);
  });

  it('brings the machine into the state alone, where something on such a page is not so', async () => {
    const crossing = plainCrossing();
    const { post } = show({ crossing, isSaidAtOnce: true });
    hold('only-state');
    await act(() => Promise.resolve());

    expect(crossing.goIn).toHaveBeenCalledOnce();
    expect(posted(post)).toEqual([]);
  });

  it('leaves the keys of an instrument to it', () => {
    const { position } = show();
    const panel = document.createElement('section');
    panel.className = 'panel-in-place';
    document.body.append(panel);
    fireEvent.keyDown(panel, { key: 'ArrowDown' });
    expect(position.goLine).not.toHaveBeenCalled();

    fireEvent.keyDown(document.body, { key: 'ArrowDown' });
    expect(position.goLine).toHaveBeenCalledOnce();
  });

  it('goes on to the decision where nothing is left on the whole walk', () => {
    const { position, onTag } = show({ isSaidAtOnce: true });
    position.next.mockReturnValue(null as never);
    hold();

    expect(onTag).toHaveBeenCalledOnce();
    expect(position.goLine).not.toHaveBeenCalled();
  });

  it('posts nothing where the act is let go early', () => {
    const { post } = show();
    vi.useFakeTimers();
    fireEvent.pointerDown(screen.getByTestId('others-stand'));
    act(() => {
      vi.advanceTimersByTime(900);
    });
    fireEvent.pointerUp(screen.getByTestId('others-stand'));
    act(() => {
      vi.advanceTimersByTime(900);
    });

    expect(post).not.toHaveBeenCalled();
  });

  it('posts a test when its last step was said, in the order of the steps', async () => {
    const { post } = show();
    await userEvent.click(screen.getByTestId('stands-brake:0'));
    expect(post).not.toHaveBeenCalled();
    hold();

    expect(posted(post)).toContainEqual([
      'test.answered',
      { line: 'brake', steps: [{ as_expected: true }, { as_expected: true }] },
    ]);
  });

  it('posts once however often it is touched before it is written down', () => {
    const { post } = show();
    const touch = screen.getByTestId('stands-crack');
    fireEvent.click(touch);
    fireEvent.click(touch);

    expect(posted(post)).toEqual([['check.answered', { line: 'crack', answer: 'stands' }]]);
    expect(screen.queryByTestId('stands-crack')).toBeNull();
  });

  it('is open again where it could not be posted', async () => {
    const { post, onRefused } = show();
    post.mockRejectedValueOnce(new Error('refused'));
    fireEvent.click(screen.getByTestId('stands-crack'));

    await waitFor(() => expect(onRefused).toHaveBeenCalledWith('crack', expect.anything()));
    expect(screen.getByTestId('stands-crack')).toBeDefined();
  });

  it('goes on only where the held act was the last thing open', () => {
    const { position } = show();
    hold();
    expect(position.goLine).not.toHaveBeenCalled();
    document.body.innerHTML = '';

    const last = show({ outcomes: { crack: 'stands', brake: 'stands', meter: 'stands' } });
    hold();
    expect(last.position.goLine).toHaveBeenCalledWith('other');
  });

  it('says the last thing that is left by an act that is held, and goes on', () => {
    const { post, position } = show({
      outcomes: { brake: 'stands', meter: 'stands', paint: 'stands', plate: 'stands' },
    });
    expect(screen.getByTestId('stands-crack')).toBeDefined();
    hold('last-stands');

    expect(posted(post)).toEqual([['check.answered', { line: 'crack', answer: 'stands' }]]);
    expect(position.goLine).toHaveBeenCalledWith('other');
  });

  it('says so a figure that is as before, and nothing for two at once', () => {
    const two = show({ outcomes: { brake: 'stands', paint: 'stands', plate: 'stands' } });
    expect(screen.queryByTestId('last-stands')).toBeNull();
    expect(posted(two.post)).toEqual([]);
    document.body.innerHTML = '';

    const { post } = show({ outcomes: { crack: 'stands', brake: 'stands', paint: 'stands', plate: 'stands' } });
    hold('last-stands');
    expect(posted(post)).toEqual([['reading.posted', { line: 'meter', value: '1204.6', unit: 'h', observed: [] }]]);
  });

  it('says with the others that as many are there as before, and shows how many', () => {
    const { post } = show({ shortcut: 'as_many' });
    expect(screen.queryByTestId('quick-meter')).toBeNull();
    expect(screen.getByTestId('open-meter')).toBeDefined();
    expect(screen.getByTestId('others-stand').textContent).toContain('3 to 6');
    hold();

    expect(posted(post)).toContainEqual([
      'reading.posted',
      { line: 'meter', value: '1204.6', unit: 'h', observed: [] },
    ]);
  });

  it('affirms a figure that is carried, and shows it once it is unfolded', async () => {
    const { post } = show({
      carried: [
        {
          line: 'meter',
          entry_id: 'e-24',
          day: '2026-11-24',
          until: '2026-11-27',
          by: { id: 'r', name: 'Rafe Tolland', initials: 'RT' },
          value: '1.5',
          unit: 'mm',
        },
      ],
    });
    expect(screen.queryByTestId('quick-meter')).toBeNull();
    await userEvent.click(screen.getByTestId('carried-show'));
    expect(screen.getByTestId('look-meter').closest('li')?.textContent).toMatch(/1[.,]5 mm/);
    hold();

    expect(posted(post)).toContainEqual(['lines.affirmed', { lines: [{ line: 'meter', entry: 'e-24' }] }]);
  });

  it('affirms what is carried by the same act, names what it rests on, and lets it be looked at again', async () => {
    const from = {
      entry_id: 'e-25',
      day: '2026-11-25',
      until: '2026-11-28',
      by: { id: 'r', name: 'Rafe Tolland', initials: 'RT' },
    };
    const { post } = show({
      carried: [
        { line: 'paint', ...from },
        { line: 'crack', ...from },
      ],
    });
    expect(screen.queryByTestId('stands-crack')).toBeNull();
    // What tags out is never folded away.
    expect(screen.getByTestId('look-crack')).toBeDefined();
    expect(screen.queryByTestId('look-paint')).toBeNull();

    await userEvent.click(screen.getByTestId('look-crack'));
    expect(screen.getByTestId('stands-crack')).toBeDefined();
    hold();

    expect(posted(post)).toContainEqual(['lines.affirmed', { lines: [{ line: 'paint', entry: 'e-25' }] }]);
    expect(posted(post).flatMap(([, payload]) => payload)).not.toContainEqual(
      expect.objectContaining({ line: 'crack' }),
    );
  });

  it('posts the figure of the walk before with one touch that shows it', async () => {
    const { post } = show();
    expect(screen.getByTestId('quick-meter').textContent).toMatch(/1.204\.6/);
    await userEvent.click(screen.getByTestId('quick-meter'));

    expect(posted(post)).toEqual([['reading.posted', { line: 'meter', value: '1204.6', unit: 'h', observed: [] }]]);
  });

  it('posts the serial that is touched among three, and lets another one be typed', async () => {
    const { post, onOpen } = show({ choices: ['TQ-442', 'TQ-424', 'TQ-445'] });
    expect(screen.getAllByTestId(/^plate-/)).toHaveLength(3);
    await userEvent.click(screen.getByTestId('open-meter'));
    expect(onOpen).toHaveBeenCalledWith('meter');
    await userEvent.click(screen.getByTestId('plate-TQ-424'));

    expect(posted(post)).toEqual([['paper.compared', { line: 'meter', serial: 'TQ-424' }]]);
  });

  it('opens the finding where the part is not so, and says nothing before', async () => {
    const { post, onNotSo } = show();
    await userEvent.click(screen.getByTestId('amiss-paint'));

    expect(onNotSo).toHaveBeenCalledWith('paint');
    expect(post).not.toHaveBeenCalled();
  });

  it('is walked by the keyboard', async () => {
    const { post, position } = show();
    await userEvent.keyboard('{ArrowDown}');
    expect(position.goLine).toHaveBeenCalledWith('brake');
    await userEvent.keyboard('{ArrowUp}{Enter}');

    expect(posted(post)).toEqual([['check.answered', { line: 'crack', answer: 'stands' }]]);
  });
});
