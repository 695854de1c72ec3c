import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useSyncExternalStore } from 'react';
import { bookings } from './bookings';
import type { KeptBooking } from './store';

export const useKeptBookings = (): KeptBooking[] => useSyncExternalStore(bookings.watch, bookings.snapshot);

/** What whoever is signed in has promised is sent, and nothing of others. */
export function useBookingsOf(user: string): void {
  const queries = useQueryClient();
  useEffect(
    () => bookings.whenBooked(() => void queries.invalidateQueries()),
    [queries],
  );
  useEffect(() => () => void bookings.belongsTo(null), []);
  useEffect(() => {
    void bookings.belongsTo(user);
  }, [user]);
}
