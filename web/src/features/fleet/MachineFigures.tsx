import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { Schema } from '../../api/client';
import { duration, figure, shortDate } from '../../app/figures';

/** The three figures by which a machine is judged: its hours, how much it runs, and how long its last walk took. */
export function MachineFigures({ detail }: { detail: Schema['MachineDetail'] }) {
  const { t } = useTranslation();
  const { machine, hours_in_all, meter_read_at, usage, last_walk } = detail;
  const shows = machine.smr_hours;
  const more = shows !== null && hours_in_all !== null && Number(hours_in_all) !== Number(shows);

  return (
    <dl className="machine-figures">
      <div data-testid="meter-of-machine">
        <dt>{t('fleet.meter')}</dt>
        <dd>
          <span>
            <b>{shows === null ? '–' : figure(shows)}</b> {shows !== null && 'h'}
          </span>
          <small>{meter_read_at === null ? t('meter.never_read') : shortDate(meter_read_at)}</small>
          {more && <small>{t('meter.in_all', { hours: figure(hours_in_all) })}</small>}
          {shows !== null && (
            <Link to="?leaf=meter" className="to-readings" data-testid="leaf-meter">
              {t('fleet.readings')}
            </Link>
          )}
        </dd>
      </div>
      <div data-testid="usage">
        <dt>{t('fleet.rate')}</dt>
        <dd>
          <span>
            <b>{usage === null ? '–' : figure(usage.hours_per_day)}</b> {usage !== null && t('fleet.a_day')}
          </span>
          <small>
            {usage === null ? t('fleet.no_rate') : t(`fleet.rate_from_${usage.basis}`, { count: usage.days })}
          </small>
        </dd>
      </div>
      <div data-testid="last-walk">
        <dt>{last_walk === null ? t('fleet.last_walk') : t(`fleet.last_${last_walk.movement}`)}</dt>
        <dd>
          <b>{last_walk === null ? '–' : duration(last_walk.seconds)}</b>
          <small>
            {last_walk === null
              ? t('fleet.never_walked')
              : t('fleet.walked_by', { who: last_walk.by.name, when: shortDate(last_walk.at) })}
          </small>
        </dd>
      </div>
    </dl>
  );
}
