import { useTranslation } from 'react-i18next';
import type { Schema } from '../../../api/client';
import { Mark } from '../../../marks/Mark';
import '../finding/finding.css';

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
      <Mark outcome={severity === 'stop' ? 'stop' : severity === 'hold' ? 'attend' : 'open'} size={26} />
      <p>
        <b className={severity === 'stop' ? 'word-stop' : ''}>{t(`severity.${severity}`)}</b> {because}
        {source !== undefined && <small>{source}</small>}
      </p>
    </div>
  );
}
