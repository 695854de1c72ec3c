import { render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { BookingsOfOthers } from '../../src/features/session/BookingsOfOthers';

const kept = vi.hoisted(() => ({ all: [] as { userId: string; isBooked?: true }[] }));
vi.mock('../../src/offline/useBookings', () => ({ useKeptBookings: () => kept.all }));

describe('hires that were promised on this tablet', () => {
  it.each([
    ['by nobody', [], null],
    ['by whoever reads', [{ userId: 'ines' }], null],
    ['by another, and in the book already', [{ userId: 'rafe', isBooked: true as const }], null],
    ['by another', [{ userId: 'rafe' }, { userId: 'ines' }], /^1 hire /],
    ['by two others', [{ userId: 'rafe' }, { userId: 'juno' }], /^2 hires /],
  ])('%s', (_, all, said) => {
    kept.all = all;
    render(<BookingsOfOthers userId="ines" />);

    const shown = screen.queryByTestId('bookings-of-others')?.textContent ?? null;
    if (said === null) {
      expect(shown).toBeNull();
    } else {
      expect(shown).toMatch(said);
    }
  });
});
