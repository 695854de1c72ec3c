import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';

/** Faults that a machine reports now, each with its level in words. */
export function FaultList({ faults }: { faults: Schema['ActiveFault'][] }) {
  const { t } = useTranslation();

  return (
    <ul className="fault-list">
      {faults.map((fault) => (
        <li key={fault.identifier} className={`level-${fault.level}`}>
          <b>{fault.identifier}</b>
          {fault.words !== null && ` ${fault.words}`}
          <i>{t(`telematics.level_${fault.level}`)}</i>
        </li>
      ))}
    </ul>
  );
}
