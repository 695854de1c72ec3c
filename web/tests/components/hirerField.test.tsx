import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { guardTouches } from '../../src/app/touchGuard';
import { HirerField } from '../../src/features/office/HirerField';

const found = vi.hoisted(() => ({ hirers: [] as { id: string; name: string; phone: string }[] }));
vi.mock('../../src/features/office/useOffice', () => ({
  useHirers: () => ({ data: { hirers: found.hirers }, isPending: false }),
}));

const hirer = (name: string) => ({ id: name, name, phone: '' });
const chosen = vi.fn();
let stop: () => void;

beforeEach(() => {
  document.body.innerHTML = '';
  chosen.mockClear();
  vi.useFakeTimers({ shouldAdvanceTime: true });
  stop = guardTouches(document);
});

afterEach(() => {
  stop();
  vi.useRealTimers();
});

describe('a list of hirers that comes in while somebody types', () => {
  it('answers no press until it has stood still, and then the one that is there', async () => {
    const user = userEvent.setup({ advanceTimers: vi.advanceTimersByTime });
    const field = <HirerField value={null} onlyKnown onChange={chosen} />;
    found.hirers = [hirer('Salt Marsh Ltd'), hirer('Saltmarsh Drainage')];
    const { rerender } = render(field);
    await user.type(screen.getByTestId('hirer-field'), 'Saltm');
    act(() => void vi.advanceTimersByTime(1_000));

    // The first one goes: the second has moved to where it was.
    found.hirers = [hirer('Saltmarsh Drainage')];
    rerender(<HirerField value={null} onlyKnown onChange={chosen} />);
    await user.click(screen.getByTestId('hirer-Saltmarsh Drainage'));
    expect(chosen).not.toHaveBeenCalled();

    act(() => void vi.advanceTimersByTime(1_000));
    await user.click(screen.getByTestId('hirer-Saltmarsh Drainage'));
    expect(chosen).toHaveBeenCalledWith({ known: hirer('Saltmarsh Drainage') });
  });
});
