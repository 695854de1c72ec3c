import { useTranslation } from 'react-i18next';
import type { Schema } from '../../../api/client';
import { Mark } from '../../../marks/Mark';
import '../finding/finding.css';

const OUTCOMES = { stop: 'stop', hold: 'attend', note: 'open' } as const;

/** How grave a finding is, in a sentence. */
export function SeverityWords({
  severity,
  because,
  source,
}: {
  severity: Schema['Severity'];
  because: string;
  source?: string;
}) {
  const { t } = useTranslation();

  return (
    <div className="severity">
      <Mark outcome={OUTCOMES[severity]} size={26} />
      <p>
        <b className={severity === 'stop' ? 'word-stop' : ''}>{t(`severity.${severity}`)}</b> {because}
        {source !== undefined && <small>{source}</small>}
      </p>
    </div>
  );
}
