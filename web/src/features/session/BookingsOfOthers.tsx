import { useTranslation } from 'react-i18next';
import { useKeptBookings } from '../../offline/useBookings';

/** Hires that somebody else promised on this tablet while it had no network: they leave it with them. */
export function BookingsOfOthers({ userId }: { userId: string }) {
  const { t } = useTranslation();
  const count = useKeptBookings().filter((one) => one.userId !== userId && one.isBooked !== true).length;

  return count > 0 && <p data-testid="bookings-of-others">{t('outbox.bookings_of_others', { count })}</p>;
}
