import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Act } from '../../app/Act';

/** Counts the seconds that matter, beside a line on which they pass. It changes by the second and never pulses. */
export function StepTimer({ seconds, label }: { seconds: number; label: string }) {
  const { t } = useTranslation();
  const [until, setUntil] = useState<number | null>(null);
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (until === null) {
      return;
    }
    const timer = window.setInterval(() => setNow(Date.now()), 200);

    return () => window.clearInterval(timer);
  }, [until]);
  const left = until === null ? seconds : Math.max(0, Math.ceil((until - now) / 1000));
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
        <rect x="0" y="10" width="540" height="40" fill="var(--jade-tint)" stroke="var(--ink)" strokeWidth="1.6" vectorEffect="non-scaling-stroke" />
        <rect x="0" y="10" width={540 * share} height="40" fill="var(--jade)" />
        <path d={`M${540 * share} 2V58`} stroke="var(--ink)" strokeWidth="3" vectorEffect="non-scaling-stroke" />
      </svg>
      <Act
        onClick={() => {
          setNow(Date.now());
          setUntil(until === null ? Date.now() + seconds * 1000 : null);
        }}
      >
        {until === null ? t('handover.start_clock') : t('handover.reset_clock')}
      </Act>
    </div>
  );
}
