import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Button } from '../../app/Button';
import { useElapsed } from '../../app/useElapsed';

/** Counts the seconds that matter, beside a line on which they pass. It changes by the second and never pulses. */
export function StepTimer({ seconds, label }: { seconds: number; label: string }) {
  const { t } = useTranslation();
  const [startedAt, setStartedAt] = useState<number | null>(null);
  const left = Math.max(0, seconds - useElapsed(startedAt));
  const share = 1 - left / seconds;

  return (
    <div className="timer">
      <div>
        <p>{label}</p>
        <b>
          {left >= 100 ? `${Math.floor(left / 60)}:${String(left % 60).padStart(2, '0')}` : left}
          <small>{left >= 100 ? 'min' : 's'}</small>
        </b>
      </div>
      <svg viewBox="0 0 540 60" preserveAspectRatio="none" aria-hidden="true">
        <rect
          x="0"
          y="10"
          width="540"
          height="40"
          fill="var(--jade-tint)"
          stroke="var(--ink)"
          strokeWidth="1.6"
          vectorEffect="non-scaling-stroke"
        />
        <rect x="0" y="10" width={540 * share} height="40" fill="var(--jade)" />
        <path d={`M${540 * share} 2V58`} stroke="var(--ink)" strokeWidth="3" vectorEffect="non-scaling-stroke" />
      </svg>
      <Button onClick={() => setStartedAt(startedAt === null ? Date.now() : null)}>
        {startedAt === null ? t('handover.start_clock') : t('handover.reset_clock')}
      </Button>
    </div>
  );
}
