import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useNavigate } from 'react-router';
import { whatToDo } from '../../api/problem';
import { figure, unbroken } from '../../app/figures';
import { Notice } from '../../app/Notice';
import { LongList } from '../../app/LongList';
import { Page } from '../../app/Page';
import { useAddressFilter } from '../../app/useAddressFilter';
import { Mark } from '../../marks/Mark';
import { MiniPlan } from '../../plans/MiniPlan';
import { MachineDrawer } from '../office/MachineDrawer';
import { TableDrawer, type TableName } from '../office/TableDrawer';
import { MyName } from '../session/MyName';
import { useMe } from '../session/useSession';
import { useFleet } from './useFleet';
import './fleet.css';

/** A plain ruled list of the fleet: found by a part of its number, filtered by family and by where it stands. */
export default function FleetPage() {
  const { t } = useTranslation();
  const { params, choose, search, type } = useAddressFilter();
  const [family, standing, only] = [params.get('family'), params.get('standing'), params.get('only')];
  const fleet = useFleet({
    ...(family === null ? {} : { family }),
    ...(standing === null ? {} : { standing }),
    ...(only === null ? {} : { only }),
    ...(search === '' ? {} : { search }),
  });
  const [isAdding, setIsAdding] = useState(false);
  const [table, setTable] = useState<TableName | null>(null);
  const me = useMe();
  const navigate = useNavigate();
  const first = fleet.data?.pages[0];
  if (fleet.isPending) {
    return <Notice words={t('state.fetching')} />;
  }
  if (first === undefined) {
    return (
      <Notice
        words={whatToDo(fleet.error, t('state.no_answer'))}
        act={t('state.try_again')}
        onAct={() => void fleet.refetch()}
      />
    );
  }
  const shown = fleet.data?.pages.flatMap(({ machines }) => machines) ?? [];
  const named = first.families.find(({ id }) => id === family);

  return (
    <Page
      title={t('fleet.title')}
      sub={t('fleet.count', { count: first.total })}
      leaf={t('fleet.leaf')}
      tabs
      className="fleet"
      right={
        <>
          {me.may.lead && (
            <button type="button" data-testid="add-machine" onClick={() => setIsAdding(true)}>
              {t('office.add_machine')} +
            </button>
          )}
          <a
            href={`/api/machine-labels${named === undefined ? '' : `?family=${encodeURIComponent(named.name)}`}`}
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
        {first.families.map(({ id, name, drawing, count }) => (
          <button
            key={id}
            type="button"
            aria-pressed={family === id}
            data-testid={`family-${id}`}
            onClick={() => choose('family', family === id ? null : id)}
          >
            <MiniPlan name={drawing} height={40} />
            {name}
            <small>{count}</small>
          </button>
        ))}
      </div>
      <div className="fleet-filter">
        <TextField
          label={t('fleet.search')}
          value={search}
          onChange={(event) => type(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 40, 'data-testid': 'fleet-search' } }}
        />
        <div className="fleet-standings" role="group" aria-label={t('fleet.state')}>
          {first.standings.map((one) => (
            <button
              key={one.standing}
              type="button"
              aria-pressed={standing === one.standing}
              data-testid={`standing-${one.standing}`}
              onClick={() => choose('standing', standing === one.standing ? null : one.standing)}
            >
              {one.words} <small>{one.count}</small>
            </button>
          ))}
          {(first.only ?? []).map((one) => (
            <button
              key={one.only}
              type="button"
              aria-pressed={only === one.only}
              data-testid={`only-${one.only}`}
              onClick={() => choose('only', only === one.only ? null : one.only)}
            >
              {t(`fleet.only_${one.only}`)} <small>{one.count}</small>
            </button>
          ))}
        </div>
      </div>
      {table !== null && (
        <TableDrawer
          key={table}
          of={table}
          onTable={setTable}
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
          <LongList
            items={shown}
            keyOf={(machine) => machine.id}
            as="tr"
            height={62}
            pages={fleet}
            row={(machine, measured) => (
              <tr {...measured}>
                <td>
                  <MiniPlan name={machine.drawing} height={44} />
                </td>
                <td>
                  <Link to={`/fleet/${machine.id}`} data-testid={`machine-${machine.fleet_number}`}>
                    <b>{machine.fleet_number}</b> {unbroken(machine.describes)}
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
            )}
          />
        </tbody>
      </table>
      {shown.length === 0 && <p className="fleet-none">{t('fleet.none')}</p>}
      {fleet.isFetchingNextPage && (
        <p className="fleet-more">{t('fleet.more', { shown: shown.length, count: first.total })}</p>
      )}
    </Page>
  );
}
