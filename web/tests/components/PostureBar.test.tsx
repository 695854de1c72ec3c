import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { PostureBar } from '../../src/features/walk/panels/PostureBar';

type Props = Parameters<typeof PostureBar>[0];

const condition = (id: string, more: Record<string, unknown> = {}) => ({
  id,
  asks: `Asks ${id}`,
  unit: null,
  at_least: null,
  at_most: null,
  wants_figure: false,
  ...more,
});

const CONDITIONS = [
  condition('level'),
  condition('stopped'),
  condition('warm', { unit: 'degC', at_least: 20, at_most: 40, wants_figure: true }),
];

function show(observed: Props['observed'] = {}, stage = 'cold') {
  const onObserved = vi.fn();
  const props = {
    walk: { plan: { conditions: CONDITIONS, stages: [] }, state: { stage } },
    line: { conditions: CONDITIONS.map(({ id }) => id) },
    stage: 'cold',
    observed,
    onObserved,
    mayPost: true,
  } as unknown as Props;
  render(<PostureBar {...props} />);

  return onObserved;
}

beforeEach(() => {
  document.body.innerHTML = '';
});

describe('the posture of a reading', () => {
  it('says at once what is seen, and never a figure that is wanted', async () => {
    const onObserved = show();
    await userEvent.click(screen.getByTestId('all-held'));

    expect(onObserved).toHaveBeenCalledWith({
      level: { condition: 'level', seen: true },
      stopped: { condition: 'stopped', seen: true },
    });
  });

  it('leaves what was said otherwise, and is not there for one thing alone', () => {
    show({ level: { condition: 'level', seen: false } });

    expect(screen.queryByTestId('all-held')).toBeNull();
    expect(screen.getByTestId('condition-level').getAttribute('aria-pressed')).toBe('false');
  });

  it('is not there in another state', () => {
    show({}, 'running');

    expect(screen.queryByTestId('all-held')).toBeNull();
  });
});
