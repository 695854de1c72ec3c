import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { SignalList } from '../../src/features/walk/panels/SignalList';

const touch = (testId: string) => userEvent.click(screen.getByTestId(testId));

beforeEach(() => {
  document.body.innerHTML = '';
});

describe('a panel without the four lamps', () => {
  it('takes what shows by its words, colour and rhythm', async () => {
    const onSignals = vi.fn();
    render(<SignalList signals={[]} isSet onSignals={onSignals} />);
    await touch('add-signal');
    expect(screen.getByTestId<HTMLButtonElement>('keep-signal').disabled).toBe(true);
    await userEvent.type(screen.getByTestId('signal-words'), 'CHG');
    await touch('signal-amber');
    await touch('signal-blinking');
    await touch('keep-signal');

    expect(onSignals).toHaveBeenCalledWith([{ words: 'CHG', colour: 'amber', rhythm: 'blinking' }]);
  });

  it('takes nothing more once it was answered', () => {
    render(
      <SignalList signals={[{ words: 'CHG', colour: 'red', rhythm: 'steady' }]} isSet={false} onSignals={vi.fn()} />,
    );

    expect(screen.queryByTestId('add-signal')).toBeNull();
    expect(screen.getByText('CHG')).toBeTruthy();
  });
});
