import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import type { Schema } from '../../src/api/client';
import { Grounds } from '../../src/features/walk/decision/Grounds';

type Ground = Schema['Release']['grounds'][number];

const ground = (reference: string, own: Partial<Ground>): Ground => ({
  reference,
  title: `Line ${reference}`,
  outcome: 'open',
  severity: 'hold',
  lifted_by: 'answer',
  words: '',
  line: reference,
  finding: null,
  ...own,
});
const amiss = ground('hose', { outcome: 'attend', lifted_by: 'leads_condition' });
const unread = (count: number) => Array.from({ length: count }, (_, at) => ground(`open-${at}`, {}));

function show(grounds: Ground[], mayLead = false) {
  const go = vi.fn();
  const onConditions = vi.fn();
  render(<Grounds grounds={grounds} conditions={{}} mayLead={mayLead} onConditions={onConditions} onGoLine={go} />);

  return { go, onConditions };
}

const fold = () => screen.getByTestId<HTMLDetailsElement>('unread');

describe('what forbids it', () => {
  it('is nothing, and says so', () => {
    show([]);
    expect(screen.getByText(/Every line stands/)).toBeTruthy();
  });

  it('half way shows what was found and folds the many that nobody answered', async () => {
    const { go } = show([amiss, ...unread(7)]);
    expect(fold().open).toBe(false);
    expect(within(fold()).getByText('7 lines that nobody has answered yet')).toBeTruthy();
    expect(within(fold()).queryByText('Line hose')).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: /Line hose/ }));
    expect(go).toHaveBeenCalledWith('hose');
  });

  it('shows few of them as they are, and folds many where nothing else was found', () => {
    show([amiss, ...unread(6)]);
    expect(screen.queryByTestId('unread')).toBeNull();
    expect(screen.getAllByRole('listitem')).toHaveLength(7);
    document.body.innerHTML = '';
    show(unread(7));
    expect(fold().open).toBe(false);
    expect(screen.getAllByRole('listitem', { hidden: true })).toHaveLength(7);
  });

  it('is let go with a condition by the lead alone, and only where that is enough', async () => {
    const { onConditions } = show([amiss, ground('brake', { outcome: 'stop', lifted_by: 'repair' })], true);
    const [condition, ...others] = screen.getAllByTestId('condition');
    expect(others).toHaveLength(0);
    await userEvent.type(condition as HTMLElement, 'w');
    expect(onConditions).toHaveBeenCalledWith({ hose: 'w' });
    document.body.innerHTML = '';
    show([amiss]);
    expect(screen.queryByTestId('condition')).toBeNull();
  });
});
