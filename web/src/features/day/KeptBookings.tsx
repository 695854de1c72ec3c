import { useTranslation } from 'react-i18next';
import { Button } from '../../app/Button';
import { calendarDay } from '../../app/figures';
import { bookings } from '../../offline/bookings';
import { useKeptBookings } from '../../offline/useBookings';
import { Mark } from '../../marks/Mark';

/** A time as it was entered, on the yard's clock. */
const at = (time: string): string => `${calendarDay(time.slice(0, 10))} ${time.slice(11)}`;

/** Hires that were promised with no network and are not in the yard's book yet, or were refused there. */
export function KeptBookings({ userId }: { userId: string }) {
  const { t } = useTranslation();
  const mine = useKeptBookings().filter((one) => one.userId === userId);

  return mine.map((one) => (
    <section
      key={one.id}
      className={one.problem === undefined ? 'day-doubts day-fit' : 'day-doubts'}
      role={one.problem === undefined ? 'status' : 'alert'}
      data-testid="kept-booking"
    >
      <Mark outcome={one.problem === undefined ? 'attend' : 'stop'} />
      <p>
        {t('office.kept_booking', {
          machine: one.machine,
          hirer: one.hirer,
          out: at(one.body.goes_out),
          back: at(one.body.comes_back),
        })}{' '}
        {one.isBooked === true && `${t('office.kept_is_booked')} `}
        {one.problem === undefined && one.isBooked !== true && t('office.kept_waits')}
        {one.problem !== undefined && (one.problem.detail ?? one.problem.title)}
      </p>
      {one.problem !== undefined && (
        <Button testId="kept-booking-read" onClick={() => void bookings.drop(one.id)}>
          {t('office.kept_read')}
        </Button>
      )}
    </section>
  ));
}
