import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { figure, shortDate } from '../../app/figures';
import { FaultList } from './FaultList';
import './telematics.css';

/** What one machine reports of itself, beside its meter. */
export function ReportOfMachine({ report }: { report: Schema['TelematicsOfMachine'] }) {
  const { t } = useTranslation();
  const said = [
    report.fuel_percent !== null && t('telematics.fuel', { percent: report.fuel_percent }),
    report.exhaust_fluid_percent !== null && t('telematics.exhaust_fluid', { percent: report.exhaust_fluid_percent }),
    report.is_running !== null && t(report.is_running ? 'telematics.running' : 'telematics.not_running'),
  ].filter((words) => words !== false);

  return (
    <section className="report-of-machine" aria-label={t('telematics.title')} data-testid="telematics">
      <p>
        <b>{t('telematics.reports', { hours: figure(report.hours) })}</b>
        <span>{t('telematics.at', { when: shortDate(report.said_at) })}</span>
        {said.map((words) => (
          <span key={words}>{words}</span>
        ))}
      </p>
      {report.apart !== null && <p className="apart">{t('telematics.apart', { hours: figure(report.apart) })}</p>}
      {report.faults.length > 0 && <FaultList faults={report.faults} />}
    </section>
  );
}
