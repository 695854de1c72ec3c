import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { describe, expect, it, vi } from 'vitest';
import type { Schema } from '../../src/api/client';
import { MachineActs } from '../../src/features/fleet/MachineActs';
import { NextActButton } from '../../src/features/fleet/NextActButton';
import { VerdictPlan } from '../../src/plans/VerdictPlan';

type Station = Schema['LastWalk']['stations'][number];

const station = (number: number, name: string, x: number, y: number): Station => ({
  number,
  name,
  stands: { x, y },
  shows: { x, y: y / 2 },
  seat: false,
  outcome: 'stands',
});

const plan = (stations: Station[], onSelect = vi.fn()) =>
  render(
    <VerdictPlan
      name="tracked_excavator"
      label="Plan"
      stations={stations}
      findings={[]}
      selected={null}
      onSelect={onSelect}
    />,
  );

const heightOf = (name: string) => Number(screen.getByText(name).getAttribute('y'));

describe('the plan with the verdicts of the last walk', () => {
  it('writes names that would lie over each other on two lines', () => {
    plan([
      station(1, 'Hydraulic oil tank and filler', 0, -200),
      station(2, 'Engine and cooler of the engine', 60, -200),
      station(3, 'Rear', 600, -200),
    ]);

    expect(heightOf('Engine and cooler of the engine')).toBeLessThan(heightOf('Hydraulic oil tank and filler'));
    expect(heightOf('Rear')).toBe(heightOf('Hydraulic oil tank and filler'));
  });

  it('says what a station is and how it stood, to the ear as well', async () => {
    const onSelect = vi.fn();
    plan([{ ...station(4, 'Cab', 0, 200), outcome: 'attend' }], onSelect);
    await userEvent.click(screen.getByRole('button', { name: '4 Cab: Attend' }));

    expect(onSelect).toHaveBeenCalledWith('station-4');
  });
});

describe('the act that a machine waits for', () => {
  const next: Schema['NextAct'] = {
    act: 'open_out',
    hire_id: 'h',
    walk_id: null,
    customer: 'Orrery Yard Build',
    at: '2026-12-01T09:00:00Z',
  };
  const may = {
    walk: false,
    hand_over: false,
    book: true,
    repair: false,
    lead: false,
    audit: false,
  } as unknown as Schema['SignedIn']['may'];
  const show = (act: Schema['NextAct'], allowed: Partial<Schema['SignedIn']['may']>, mutate = vi.fn()) => {
    render(
      <QueryClientProvider client={new QueryClient()}>
        <MemoryRouter>
          <NextActButton next={act} may={{ ...may, ...allowed }} opening={{ mutate, isPending: false } as never} />
        </MemoryRouter>
      </QueryClientProvider>,
    );

    return mutate;
  };

  it('opens the walk of that hire for whoever walks machines', async () => {
    const mutate = show(next, { walk: true });
    await userEvent.click(screen.getByTestId('next-act'));

    expect(mutate).toHaveBeenCalledWith({ hireId: 'h', movement: 'checkout' });
  });

  it('is shown and not offered to whoever does not', () => {
    show(next, {});

    expect(screen.getByTestId('next-act')).toHaveProperty('disabled', true);
    expect(screen.getByTestId('next-act').textContent).toContain('Orrery Yard Build');
  });
});

describe('the acts at the foot of a machine', () => {
  const all = { walk: true, hand_over: true, book: true, repair: true, lead: true } as Schema['SignedIn']['may'];
  const show = (props: Partial<Parameters<typeof MachineActs>[0]>) => {
    const onAsked = vi.fn();
    const acts = (isServiceKnown: boolean) => (
      <MachineActs
        may={all}
        isHere
        isOurs
        isServiceKnown={isServiceKnown}
        leaf="machine"
        next={null}
        onAsked={onAsked}
        {...props}
      />
    );
    const { rerender } = render(acts(false));

    return { onAsked, know: () => rerender(acts(true)) };
  };
  const names = () => screen.getAllByRole('button').map((one) => one.dataset.testid);

  it('keep their places while the service sheet is on its way', async () => {
    const { onAsked, know } = show({});
    const before = names();
    expect(screen.getByTestId('service-points')).toHaveProperty('disabled', true);
    know();
    expect(names()).toEqual(before);
    await userEvent.click(screen.getByTestId('service-points'));

    expect(onAsked).toHaveBeenCalledWith('service');
  });

  it.each([
    ['of a machine that is out', { isHere: false }, ['report-damage', 'move-machine']],
    ['of one that left', { isHere: false, isOurs: false }, ['read-meter', 'service-points', 'limits', 'new-hire']],
    ['for an auditor', { may: {} as typeof all }, ['report-damage', 'read-meter', 'move-machine', 'write-down']],
  ])('are only those that are possible: %s', (_, props, missing) => {
    show(props);

    expect(names().filter((one) => missing.includes(one ?? ''))).toEqual([]);
    expect(names()).toContain('other-leaf');
  });
});
