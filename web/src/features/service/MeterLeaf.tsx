import { ChartsReferenceLine } from '@mui/x-charts/ChartsReferenceLine';
import { LineChart } from '@mui/x-charts/LineChart';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { figure, shortDate } from '../../app/figures';
import { ReportOfMachine } from '../telematics/ReportOfMachine';
import { dayAndMonth } from './days';
import './service.css';

type Service = Schema['ServiceOfMachine'];

const noon = (day: string) => new Date(`${day}T12:00:00Z`);

/** The hour meter over the year: every reading, disputed ones marked, meters that were put on, what is to come. */
export default function MeterLeaf({ service }: { service: Service }) {
  const { t } = useTranslation();
  const { readings, expected, meter_changes: changes } = service;
  if (readings.length === 0) {
    return (
      <section className="meter-leaf" aria-label={t('service.meter')}>
        <p className="horizon-none">{t('meter.never_read')}</p>
        {service.telematics !== null && <ReportOfMachine report={service.telematics} />}
        {service.work_meter !== null && <WorkMeter meter={service.work_meter} />}
      </section>
    );
  }
  const ahead = expected.slice(1);
  const x = [...readings.map(({ at }) => new Date(at)), ...ahead.map(({ on }) => noon(on))];
  const past = (of: (reading: Service['readings'][number]) => number | null) => [
    ...readings.map(of),
    ...ahead.map(() => null),
  ];
  // The lines of what is expected begin at the last reading that counts.
  const last = readings.findLastIndex((reading) => !reading.is_disputed);
  const future = (of: (day: Service['expected'][number]) => string) => [
    ...readings.map(({ hours }, at) => (at === last && ahead.length > 0 ? Number(hours) : null)),
    ...ahead.map((day) => Number(of(day))),
  ];

  return (
    <section className="meter-leaf" aria-label={t('service.meter')}>
      <h2>{t('service.meter')}</h2>
      <p>
        {expected.length === 0
          ? t('service.no_forecast')
          : t('service.forecast_words', { rate: figure(service.hours_per_day ?? '0') })}
      </p>
      {service.telematics !== null && <ReportOfMachine report={service.telematics} />}
      <div className="meter-plot" data-testid="meter-plot">
        <LineChart
          xAxis={[
            {
              data: x,
              scaleType: 'time',
              tickNumber: 7,
              valueFormatter: (at: Date) => dayAndMonth(at.toISOString().slice(0, 10), service.today),
            },
          ]}
          yAxis={[{ width: 64, valueFormatter: (hours: number) => figure(String(hours)) }]}
          series={[
            {
              data: past((one) => (one.is_disputed ? null : Number(one.hours))),
              label: t('service.reading'),
              color: 'var(--ink)',
              curve: 'linear',
              connectNulls: true,
              showMark: true,
            },
            {
              data: past((one) => (one.is_disputed ? Number(one.hours) : null)),
              label: t('service.disputed'),
              color: 'var(--oxide)',
              curve: 'linear',
              showMark: true,
            },
            {
              data: future(({ likely }) => likely),
              label: t('service.likely'),
              color: 'var(--jade)',
              curve: 'linear',
              connectNulls: true,
              showMark: false,
            },
            {
              data: future(({ low }) => low),
              label: t('service.at_least'),
              color: 'var(--ochre)',
              curve: 'linear',
              connectNulls: true,
              showMark: false,
            },
            {
              data: future(({ high }) => high),
              label: t('service.at_most'),
              color: 'var(--ochre)',
              curve: 'linear',
              connectNulls: true,
              showMark: false,
            },
          ]}
          skipAnimation
          sx={{ '& text': { fontSize: '14.5px !important', fontFamily: 'var(--grotesque)' } }}
          slotProps={{ legend: { sx: { fontSize: 16 } } }}
        >
          <ChartsReferenceLine
            x={noon(service.today)}
            label={t('service.today')}
            labelAlign="start"
            lineStyle={{ stroke: 'var(--ink)' }}
          />
          {changes.map((change) => (
            <ChartsReferenceLine
              key={change.at}
              x={new Date(change.at)}
              label={t('service.other_meter')}
              labelAlign="start"
              lineStyle={{ stroke: 'var(--ink)', strokeDasharray: '6 4' }}
            />
          ))}
        </LineChart>
      </div>
      <ReadingsTable readings={readings} />
      {service.work_meter !== null && <WorkMeter meter={service.work_meter} />}
    </section>
  );
}

/** The second meter, of the pump or under load. */
function WorkMeter({ meter }: { meter: NonNullable<Service['work_meter']> }) {
  const { t } = useTranslation();

  return (
    <section className="work-meter" data-testid="work-meter">
      <h2>{t('meter.work')}</h2>
      <p>
        {meter.hours_in_all === null
          ? t('meter.never_read')
          : [
              t('meter.in_all', { hours: figure(meter.hours_in_all) }),
              ...(meter.hours_per_day === null ? [] : [t('meter.a_day', { hours: figure(meter.hours_per_day) })]),
            ].join(', ')}
      </p>
      {meter.readings.length > 0 && <ReadingsTable readings={meter.readings} />}
    </section>
  );
}

function ReadingsTable({ readings }: { readings: Service['readings'] }) {
  const { t } = useTranslation();

  return (
      <table>
        <thead>
          <tr>
            <th>{t('service.when')}</th>
            <th className="n">{t('service.shows')}</th>
            <th className="n">{t('service.in_all')}</th>
            <th>{t('service.from')}</th>
          </tr>
        </thead>
        <tbody>
          {[...readings].reverse().map((reading) => (
            <tr key={`${reading.at} ${reading.shows}`} className={reading.is_disputed ? 'disputed' : ''}>
              <td>{shortDate(reading.at)}</td>
              <td className="n">{figure(reading.shows)}</td>
              <td className="n">{figure(reading.hours)}</td>
              <td>{t(reading.is_disputed ? 'service.disputed' : `service.how.${reading.how}`)}</td>
            </tr>
          ))}
        </tbody>
      </table>
  );
}
