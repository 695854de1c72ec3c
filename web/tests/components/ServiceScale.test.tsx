import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import type { Schema } from '../../src/api/client';
import { ServiceScale } from '../../src/features/service/ServiceScale';

type Point = Schema['ServicePoint'];

const TODAY = '2026-12-01';

const point = (id: string, more: Partial<Point>): Point => ({
  id,
  name: id,
  brief: id,
  do: 'Do it.',
  every: { hours: '250', months: 0, days: 0, hires: 0 },
  counts_from: 'done',
  tolerance_h: '25',
  done_by: 'yard',
  severity: 'hold',
  kit: [],
  source: { kind: 'common_practice', words: 'common practice, no source' },
  state: 'later',
  mark: 'stands',
  last: null,
  due_hours: null,
  due_on: null,
  hours_left: null,
  days_left: null,
  day: null,
  likely: null,
  on_hire: null,
  ...more,
});

const scale = (points: Point[], onPoint = vi.fn()) =>
  render(
    <ServiceScale
      service={{
        machine_id: 'm',
        today: TODAY,
        hours_per_day: null,
        points,
        readings: [],
      work_meter: null,
        telematics: null,
        meter_changes: [],
        expected: [],
      }}
      onPoint={onPoint}
    />,
  );

describe('hours to each service', () => {
  it('says hours and day, hours that are over, and a day that is past', () => {
    scale([
      point('oil', { hours_left: '16.0', day: '2026-12-05' }),
      point('belt', { hours_left: '-40.0', state: 'overdue', day: TODAY, days_left: 0 }),
      point('load test', { state: 'overdue', due_on: '2026-11-20', day: TODAY, days_left: -11 }),
      point('coolant', { hours_left: '766.0', day: '2027-08-02' }),
    ]);

    expect(screen.getByRole('button', { name: 'oil: 16 h, 5 Dec' })).toBeDefined();
    expect(screen.getByRole('button', { name: 'belt: 40 h over' })).toBeDefined();
    expect(screen.getByRole('button', { name: 'load test: was due 20 Nov' })).toBeDefined();
    expect(screen.getByRole('button', { name: 'coolant: 766 h, 2 Aug 2027' })).toBeDefined();
  });

  it('counts what was never recorded and draws no flag for it', () => {
    scale([point('oil', { state: 'not_known', mark: 'open' }), point('belt', { state: 'not_known', mark: 'open' })]);

    expect(screen.queryAllByRole('button')).toHaveLength(0);
    expect(screen.getByText('2 service points were never recorded: when they are due is not known.')).toBeDefined();
  });

  it('opens the point that is touched', async () => {
    const onPoint = vi.fn();
    scale([point('oil', { hours_left: '16.0' })], onPoint);
    await userEvent.click(screen.getByRole('button', { name: 'oil: 16 h' }));

    expect(onPoint).toHaveBeenCalledWith('oil');
  });
});
