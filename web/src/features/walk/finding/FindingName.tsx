import { useTranslation } from 'react-i18next';
import { inWords } from '../../../app/units';
import { useReading } from '../../session/useReading';
import type { Finding } from '../state/types';

/** What it is, how large it was, and what somebody wrote of it. */
export function FindingName({ finding }: { finding: Finding }) {
  const { t } = useTranslation();
  const reading = useReading();

  return (
    <>
      <b>
        {t(`kind.${finding.kind}`, { defaultValue: finding.kind })}
        {finding.size_mm !== null && `, ${inWords(String(finding.size_mm), 'mm', reading)}`}
      </b>
      {finding.words}
    </>
  );
}
