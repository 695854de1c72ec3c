import { useEffect } from 'react';
import { useTranslation } from 'react-i18next';
import { Button } from '../../../app/Button';
import { feel } from '../../../app/feel';
import { useElapsed } from '../../../app/useElapsed';

interface Props {
  /** For how long something is held or waited. */
  seconds: number;
  /**
   * When it began, in milliseconds of the tablet's clock; kept outside, so that a locked screen or a reload loses
   * nothing.
   */
  startedAt: number | null;
  onStart: (at: number | null) => void;
}

/** Counts how long a step is held; started once, begun anew by a second touch, felt when the time is through. */
export function HoldTimer({ seconds, startedAt, onStart }: Props) {
  const { t } = useTranslation();
  const elapsed = useElapsed(startedAt);
  const isThrough = startedAt !== null && elapsed >= seconds;
  useEffect(() => {
    if (isThrough) {
      feel('taken');
    }
  }, [isThrough]);
  const share = Math.min(1, elapsed / seconds);

  return (
    <div className="hold-timer" data-testid="hold-timer">
      <b aria-live="off">
        {Math.min(elapsed, seconds)}
        <small>
          {t('test.of_seconds', { seconds })}
        </small>
      </b>
      <svg viewBox="0 0 540 40" preserveAspectRatio="none" aria-hidden="true">
        <rect
          x="0"
          y="2"
          width="540"
          height="36"
          fill="var(--jade-tint)"
          stroke="var(--ink)"
          strokeWidth="1.6"
          vectorEffect="non-scaling-stroke"
        />
        <rect x="0" y="2" width={540 * share} height="36" fill="var(--jade)" />
      </svg>
      <Button testId="hold-start" onClick={() => onStart(Date.now())}>
        {startedAt === null ? t('test.start_clock') : t('test.again_clock')}
      </Button>
    </div>
  );
}
