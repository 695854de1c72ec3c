import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schema } from '../../src/api/client';
import { ServiceDrawer } from '../../src/features/service/ServiceDrawer';

const mutate = vi.fn();
vi.mock('../../src/features/service/useService', () => ({
  usePointsKeptHere: () => new Set(),
  usePostService: () => ({ mutate, isPending: false, error: null }),
}));

const spot = (name: string, x: number): Schema['GreaseSpot'] => ({ name, nipples: 2, strokes: 3, at: { x, y: 0 } });

function show() {
  const point = {
    id: 'svc-grease-pivots',
    name: 'Grease',
    do: 'Wipe, pump, wipe.',
    kit: [],
    every: { hours: '10', months: 0, days: 0 },
    counts_from: 'done',
    last: null,
    due_hours: null,
    due_on: null,
    likely: null,
    on_hire: null,
    source: { kind: 'common_practice', words: 'common practice, no source' },
    spots: [spot('Boom foot', 0), spot('Bucket pins', -100), { ...spot('Swing post', 0), at: null }],
  } as unknown as Schema['ServicePoint'];
  render(
    <ServiceDrawer
      machine={{ id: 'm', fleet_number: 'E-14' }}
      hoursInAll={null}
      service={{ drawing: 'tracked_excavator', points: [point] } as unknown as Schema['ServiceOfMachine']}
      chosen={point.id}
      mayDo
      onChoose={vi.fn()}
      onClose={vi.fn()}
    />,
  );
}

const touch = (testId: string) => userEvent.click(screen.getByTestId(testId));
const posted = () => (mutate.mock.lastCall as [{ words?: string }] | undefined)?.[0];

beforeEach(() => {
  document.body.innerHTML = '';
  mutate.mockClear();
});

describe('the places that are greased', () => {
  it('are ticked one by one, and what was passed over stands in the record by name', async () => {
    show();
    await touch('spot-1');
    await touch('spot-2');
    await touch('spot-2');
    await touch('service-done');

    expect(screen.getByTestId('spot-1').getAttribute('aria-pressed')).toBe('true');
    expect(posted()?.words).toContain('Bucket pins, Swing post');
    expect(posted()?.words).not.toContain('Boom foot');
  });

  it('leave no words where all were ticked, and none where nobody ticks', async () => {
    show();
    await touch('service-done');
    expect(posted()).not.toHaveProperty('words');
    await touch('spot-1');
    await touch('spot-2');
    await touch('spot-3');
    await touch('service-done');
    expect(posted()).not.toHaveProperty('words');
  });
});
