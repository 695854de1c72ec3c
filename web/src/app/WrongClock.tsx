import { useTranslation } from 'react-i18next';
import { useMinutesAhead } from './clockSkew';

/** Says that the clock of this tablet is off, and that what it records is put right. */
export function WrongClock() {
  const { t } = useTranslation();
  const minutes = useMinutesAhead();
  if (minutes === 0) {
    return null;
  }

  return (
    <p className="wrong-clock" role="status" data-testid="wrong-clock">
      {t(minutes > 0 ? 'clock.ahead' : 'clock.behind', { minutes: Math.abs(minutes) })}
    </p>
  );
}
