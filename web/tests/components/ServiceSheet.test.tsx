import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schema } from '../../src/api/client';
import { ServiceSheet } from '../../src/features/service/ServiceSheet';

type Point = Schema['ServicePoint'];

const point = (id: string, walked: number, station: string, state: Schema['ServiceState'], more: Partial<Point> = {}) =>
  ({
    id,
    name: id,
    walked,
    station,
    at: { x: walked * 10, y: 0 },
    state,
    mark: state === 'overdue' ? 'attend' : 'stands',
    last: null,
    hours_left: null,
    day: null,
    on_hire: null,
    ...more,
  }) as unknown as Point;

function show(points: Point[], keptHere: string[] = [], onChoose = vi.fn()) {
  const service = { drawing: 'tracked_excavator', today: '2026-11-28', points };
  render(
    <ServiceSheet
      service={service as unknown as Schema['ServiceOfMachine']}
      keptHere={new Set(keptHere)}
      onChoose={onChoose}
    />,
  );

  return onChoose;
}

const names = () => screen.getAllByRole('listitem').map((item) => within(item).getByRole('button').dataset.testid);

beforeEach(() => {
  document.body.innerHTML = '';
});

describe('the service sheet', () => {
  it('leads round the machine, what is due first of all', async () => {
    show([
      point('far', 3, 'Rear', 'overdue'),
      point('later', 2, 'Engine', 'later'),
      point('near', 1, 'Front', 'overdue'),
      point('on-hire', 4, 'Rear', 'later', { on_hire: { hire_id: 'h', on: '2026-12-01', day: 2 } }),
    ]);

    expect(names()).toEqual(['do-near', 'do-far', 'do-on-hire']);
    expect(screen.getAllByRole('heading').map((one) => one.textContent)).toEqual(['Front', 'Rear']);
    await userEvent.click(screen.getByTestId('sheet-all'));
    expect(names()).toEqual(['do-near', 'do-later', 'do-far', 'do-on-hire']);
  });

  it('says what was done here without a network, and what was done today', () => {
    show(
      [
        point('kept', 1, 'Front', 'overdue'),
        point('today', 2, 'Rear', 'overdue', {
          last: { on: '2026-11-28', hours: null, by: null, words: '', with: 'today' },
        }),
        point('open', 3, 'Rear', 'overdue'),
        point('no-hours', 4, 'Rear', 'not_known', {
          last: { on: '2026-11-01', hours: null, by: null, words: '', with: 'no-hours' },
        }),
        point('never', 5, 'Rear', 'not_known'),
      ],
      ['kept'],
    );

    expect(screen.getByTestId('do-kept').textContent).toContain('Done, kept on this tablet');
    expect(screen.getByTestId('do-today').textContent).toContain('Done today');
    expect(screen.getByTestId('do-open').textContent).toContain('Overdue');
    expect(screen.getByTestId('do-no-hours').textContent).toContain('nobody wrote down the hours');
    expect(screen.getByTestId('do-never').textContent).toContain('Never recorded');
  });

  it('shows all where nothing is due, and opens the point that is touched', async () => {
    const onChoose = show([point('later', 1, 'Front', 'later')]);
    await userEvent.click(screen.getByTestId('do-later'));

    expect(onChoose).toHaveBeenCalledWith('later');
  });
});
