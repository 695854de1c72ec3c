import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { Schema } from '../../api/client';
import { whatToDo } from '../../api/problem';
import { Notice } from '../../app/Notice';
import { Page } from '../../app/Page';
import { figure, shortDate } from '../../app/figures';
import { MyName } from '../session/MyName';
import { FaultList } from './FaultList';
import { useTelematics } from './useTelematics';
import './telematics.css';

type Telematics = Schema['TelematicsOfFleet'];

/** What the machines report of themselves, and what could not be believed. Nothing of the yard waits for it. */
export default function TelematicsPage() {
  const { t } = useTranslation();
  const telematics = useTelematics();
  if (telematics.isPending) {
    return <Notice words={t('state.fetching')} />;
  }
  if (telematics.data === undefined) {
    return (
      <Notice
        words={whatToDo(telematics.error, t('state.no_answer'))}
        act={t('state.try_again')}
        onAct={() => void telematics.refetch()}
      />
    );
  }
  const { machines, aside } = telematics.data;

  return (
    <Page
      title={t('telematics.title')}
      sub={<Provider of={telematics.data} />}
      leaf={t('telematics.title')}
      tabs
      isRead
      right={<MyName />}
    >
      <div className="telematics">
        <section aria-labelledby="aside-title">
          <h2 id="aside-title">{t('telematics.aside')}</h2>
          {aside.length === 0 && <p>{t('telematics.none_aside')}</p>}
          {aside.length > 0 && <p>{t('telematics.aside_words')}</p>}
          {aside.length > 0 && <Aside of={aside} />}
        </section>
        <section aria-labelledby="heard-title">
          <h2 id="heard-title">{t('telematics.heard')}</h2>
          {machines.length === 0 && <p>{t('telematics.none_heard')}</p>}
          {machines.length > 0 && <Heard of={machines} />}
        </section>
      </div>
    </Page>
  );
}

function Provider({ of: { is_set, last_poll, last_good_at } }: { of: Telematics }) {
  const { t } = useTranslation();
  if (!is_set && last_poll === null) {
    return <>{t('telematics.no_provider')}</>;
  }
  if (last_poll === null) {
    return <>{t('telematics.never_asked')}</>;
  }
  if (last_poll.failure !== null) {
    return (
      <span className="provider-failed">
        {t('telematics.failed', { when: shortDate(last_poll.at), why: last_poll.failure })}{' '}
        {last_good_at !== null && t('telematics.last_good', { when: shortDate(last_good_at) })}
      </span>
    );
  }

  return <>{t('telematics.asked', { when: shortDate(last_poll.at), count: last_poll.machines })}</>;
}

function Aside({ of }: { of: Telematics['aside'] }) {
  const { t } = useTranslation();

  return (
    <table>
      <thead>
        <tr>
          <th>{t('telematics.named')}</th>
          <th>{t('telematics.why')}</th>
          <th>{t('telematics.said')}</th>
          <th className="n">{t('telematics.times')}</th>
        </tr>
      </thead>
      <tbody>
        {of.map((one) => (
          <tr key={one.id} data-testid="aside">
            <td>
              {one.machine_id === null ? (
                <b>{one.names}</b>
              ) : (
                <Link to={`/fleet/${one.machine_id}?leaf=meter`}>{one.names}</Link>
              )}
            </td>
            <td>{t(`telematics.why_not.${one.why}`)}</td>
            <td>{one.said}</td>
            <td className="n">
              {one.times}
              <small>{shortDate(one.last_at)}</small>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Heard({ of }: { of: Telematics['machines'] }) {
  const { t } = useTranslation();

  return (
    <table>
      <thead>
        <tr>
          <th>{t('telematics.machine')}</th>
          <th className="n">{t('telematics.hours')}</th>
          <th className="n">{t('telematics.fuel_head')}</th>
          <th>{t('telematics.last_said')}</th>
          <th>{t('telematics.faults')}</th>
        </tr>
      </thead>
      <tbody>
        {of.map((machine) => (
          <tr key={machine.machine_id}>
            <td>
              <Link to={`/fleet/${machine.machine_id}?leaf=meter`}>{machine.fleet_number}</Link>
              {machine.is_running === true && <small>{t('telematics.running')}</small>}
            </td>
            <td className="n">{machine.hours === null ? '–' : figure(machine.hours)}</td>
            <td className="n">{machine.fuel_percent === null ? '–' : `${machine.fuel_percent} %`}</td>
            <td className="when">{machine.said_at === null ? '–' : shortDate(machine.said_at)}</td>
            <td>{machine.faults.length === 0 ? t('telematics.no_fault') : <FaultList faults={machine.faults} />}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
