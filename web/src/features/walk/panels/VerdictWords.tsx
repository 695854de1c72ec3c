import { useTranslation } from 'react-i18next';
import type { Schema } from '../../../api/client';
import { Mark } from '../../../marks/Mark';

/** Mark, word, reason, next act; and under it the working and on whose authority it stands. */
export function VerdictWords({ judgement, live = false }: { judgement: Schema['Judgement']; live?: boolean }) {
  const { t } = useTranslation();
  const { verdict } = judgement;
  // Before it is posted, the posture strip says what is missing; it is not said twice.
  const isWaiting =
    live && !judgement.is_valid && !judgement.may_be_read_later && judgement.missing_conditions.length > 0;

  return (
    <div
      className="verdict"
      aria-live={live ? 'polite' : undefined}
      data-testid="verdict"
      data-outcome={verdict.outcome}
      data-valid={judgement.is_valid}
    >
      <p className={`verdict-word word-${verdict.outcome}`}>
        <Mark outcome={verdict.outcome} size={30} />
        {verdict.is_disputed ? t('outcome.disputed') : t(`outcome.${verdict.outcome}`)}
      </p>
      <p className="verdict-why">{isWaiting ? t('walk.not_yet_valid') : verdict.reason}</p>
      {verdict.act !== null && !isWaiting && <p className="verdict-act">{verdict.act}</p>}
      <details className="verdict-source">
        <summary>{t('walk.working')}</summary>
        {verdict.working.map((step) => (
          <p key={step}>{step}</p>
        ))}
        <p>
          {t(`source.${verdict.source.kind}`)}: {verdict.source.words}
        </p>
      </details>
    </div>
  );
}
