import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { inWords } from '../../app/units';
import { DamageIcon, Mark } from '../../marks/Mark';
import { useReading } from '../session/useReading';

interface Props {
  findings: Schema['Finding'][];
  stations: Schema['LastWalk']['stations'];
  selected: string | null;
  onSelect: (id: string) => void;
}

/** Names what the marks on the plan are: each open damage, and the station that was touched. */
export function DamageLine({ findings, stations, selected, onSelect }: Props) {
  const { t } = useTranslation();
  const reading = useReading();
  const station = stations.find((one) => `station-${one.number}` === selected);
  const finding = findings.find((one) => one.id === selected);

  return (
    <div className="damage-line" role="status" aria-label={t('fleet.open_damage')}>
      {station !== undefined && (
        <p>
          <Mark outcome={station.outcome} size={22} />
          <b>{t(`outcome.${station.outcome}`)}</b> {station.number} {station.name}
        </p>
      )}
      {station === undefined && finding !== undefined && (
        <p className="machine-finding">
          <DamageIcon comparison={finding.comparison} number={finding.number} size={34} />
          <span>
            <b>
              {finding.part}: {t(`kind.${finding.kind}`, { defaultValue: finding.kind })}
              {finding.size_now_mm !== null && `, ${inWords(String(finding.size_now_mm), 'mm', reading)}`}.
            </b>{' '}
            {finding.words}
          </span>
        </p>
      )}
      {station === undefined && finding === undefined && findings.length === 0 && (
        <p>{t('fleet.open_findings', { count: 0 })}</p>
      )}
      {station === undefined && finding === undefined && (
        <ul>
          {findings.map((one) => (
            <li key={one.id}>
              <button type="button" onClick={() => onSelect(one.id)}>
                <DamageIcon comparison={one.comparison} number={one.number} size={34} />
                <span>
                  <b>{t(`comparison.${one.comparison}`)}</b> {one.part}
                  {one.size_now_mm !== null && `, ${inWords(String(one.size_now_mm), 'mm', reading)}`}
                </span>
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
