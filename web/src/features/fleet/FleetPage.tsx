import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useNavigate } from 'react-router';
import { whatToDo } from '../../api/problem';
import { figure } from '../../app/figures';
import { Notice } from '../../app/Notice';
import { Page } from '../../app/Page';
import { Mark } from '../../marks/Mark';
import { MiniPlan } from '../../plans/MiniPlan';
import { MachineDrawer } from '../office/MachineDrawer';
import { TableDrawer, type TableName } from '../office/TableDrawer';
import { MyName } from '../session/MyName';
import { useMe } from '../session/useSession';
import { useFleet } from './useFleet';
import './fleet.css';

/** A plain ruled list of the fleet, filtered by family through a row of miniatures. */
export default function FleetPage() {
  const { t } = useTranslation();
  const fleet = useFleet();
  const [family, setFamily] = useState<string | null>(null);
  const [isAdding, setIsAdding] = useState(false);
  const [table, setTable] = useState<TableName | null>(null);
  const me = useMe();
  const navigate = useNavigate();
  if (fleet.isPending) {
    return <Notice words={t('state.fetching')} />;
  }
  if (fleet.data === undefined) {
    return <Notice words={whatToDo(fleet.error, t('state.no_answer'))} act={t('state.try_again')} onAct={() => void fleet.refetch()} />;
  }
  const { machines } = fleet.data;
  const families = [...new Map(machines.map((machine) => [machine.family, machine.drawing]))];
  const shown = machines.filter((machine) => family === null || machine.family === family);

  return (
    <Page title={t('fleet.title')} sub={t('fleet.count', { count: machines.length })} leaf={t('fleet.leaf')} tabs className="fleet" right={
        <>
          {me.may.lead && (
            <button type="button" data-testid="add-machine" onClick={() => setIsAdding(true)}>
              {t('office.add_machine')} +
            </button>
          )}
          <a
            href={`/api/machine-labels${family === null ? '' : `?family=${encodeURIComponent(family)}`}`}
            target="_blank"
            rel="noopener"
            data-testid="labels"
          >
            {t('office.labels')}
          </a>
          {me.may.book && (
            <button
              type="button"
              data-testid="from-table"
              onClick={() => setTable(me.may.lead ? 'machines' : 'hirers')}
            >
              {t('office.from_table')}
            </button>
          )}
          <MyName />
        </>
      }>
      <div className="fleet-families" role="group" aria-label={t('fleet.families')}>
        {families.map(([name, drawing]) => (
          <button key={name} type="button" aria-pressed={family === name} onClick={() => setFamily(family === name ? null : name)}>
            <MiniPlan name={drawing} height={40} />
            {name}
          </button>
        ))}
      </div>
      {table !== null && (
        <TableDrawer
          key={table}
          of={table}
          onTable={me.may.lead ? setTable : undefined}
          onClose={() => setTable(null)}
        />
      )}
      {isAdding && <MachineDrawer onClose={() => setIsAdding(false)} onAdded={(id) => void navigate(`/fleet/${id}`)} />}
      <table className="fleet-list">
        <thead>
          <tr>
            <th>{t('fleet.machine')}</th>
            <th />
            <th>{t('fleet.state')}</th>
            <th>{t('fleet.where')}</th>
            <th className="n">{t('fleet.hours')}</th>
          </tr>
        </thead>
        <tbody>
          {shown.map((machine) => (
            <tr key={machine.id}>
              <td>
                <MiniPlan name={machine.drawing} height={44} />
              </td>
              <td>
                <Link to={`/fleet/${machine.id}`} data-testid={`machine-${machine.fleet_number}`}>
                  <b>{machine.fleet_number}</b> {machine.describes}
                  <span>
                    {machine.maker} {machine.model}
                  </span>
                </Link>
              </td>
              <td className={`fleet-state ${machine.mark === 'stop' ? 'word-stop' : ''}`}>
                <Mark outcome={machine.mark} size={20} />
                {machine.words}
              </td>
              <td>{machine.standing === 'out' ? '' : machine.bay}</td>
              <td className="n">{machine.smr_hours === null ? '–' : `${figure(machine.smr_hours)}`}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Page>
  );
}
