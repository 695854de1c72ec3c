import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { answer, api, type Schema } from '../../api/client';
import { ProblemError, problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { HoldButton } from '../../app/HoldButton';
import { ProblemWords } from '../../app/ProblemWords';
import { readTable } from '../../app/readTable';
import { useMe } from '../session/useSession';
import { TableFile, type TableMode } from '../../app/TableFile';
import { ColumnChoice, placesOf, type Places } from './ColumnChoice';
import './office.css';

const TABLES = ['machines', 'hirers', 'hires', 'papers', 'service', 'meters', 'plans'] as const;

export type TableName = (typeof TABLES)[number];
type Mode = Schema['ImportTable']['mode'];

/** More rows than these are not drawn one by one; those that were refused always are. */
const DRAWN = 200;

interface Props {
  of: TableName;
  onTable: (table: TableName) => void;
  onClose: () => void;
}

/** The fleet is the lead's; what was done to it is the workshop's, too. */
function mayTake(table: TableName, may: Schema['SignedIn']['may']): boolean {
  switch (table) {
    case 'machines':
      return may.lead;
    case 'service':
    case 'meters':
    case 'plans':
      return may.lead || may.repair;
    default:
      return true;
  }
}

/** What shows something of what a table brings. */
const SHOWN_IN = ['fleet', 'hirers', 'found-machines', 'day', 'service', 'machine'];

/** A table that the office has elsewhere: looked at first, then taken; what was refused comes back to be mended. */
export function TableDrawer({ of, onTable, onClose }: Props) {
  const { t } = useTranslation();
  const me = useMe();
  const queries = useQueryClient();
  const [file, setFile] = useState<File | null>(null);
  const [mode, setMode] = useState<TableMode>('all_or_nothing');
  // Asked for only where the headings of the file do not say it.
  const [head, setHead] = useState<Schema['Problem']['table']>();
  const [places, setPlaces] = useState<Places>({});
  const take = useMutation({
    mutationFn: async (how: Mode) => {
      const csv = file === null ? '' : await readTable(file);

      return answer(api.POST('/api/tables/{table}', {
        params: { path: { table: of } },
        body: { csv, mode: how, ...(head === undefined ? {} : { places }) },
      }));
    },
    onError: (error) => {
      if (head === undefined && error instanceof ProblemError && error.problem.table !== undefined) {
        setHead(error.problem.table);
        setPlaces(placesOf(error.problem.table));
      }
    },
    onSuccess: () => queries.invalidateQueries(
      { predicate: (query) => SHOWN_IN.includes(String(query.queryKey[0])) },
    ),
  });

  const forget = () => {
    take.reset();
    setHead(undefined);
    setPlaces({});
  };

  return (
    <Drawer
      open
      title={t(`office.table_${of}`)}
      onClose={onClose}
      foot={
        <>
          <Button
            testId="preview-table"
            disabled={file === null || take.isPending}
            onClick={() => take.mutate('preview')}
          >
            {t('office.look_first')}
          </Button>
          <HoldButton
            tone="ink"
            testId="import-table"
            disabled={file === null || take.isPending}
            under={t('act.hold')}
            onHeld={() => take.mutate(mode)}
          >
            {t('office.take_table')}
          </HoldButton>
        </>
      }
    >
      <div className="choices">
        {TABLES.filter((one) => mayTake(one, me.may)).map((one) => (
          <Button key={one} pressed={of === one} testId={`table-${one}`} onClick={() => { forget(); onTable(one); }}>
            {t(`office.${one}_short`)}
          </Button>
        ))}
      </div>
      <p>
        {t(`office.table_${of}_words`)}{' '}
        <a href={`/api/tables/${of}`} download={`${of}.csv`}>
          {t('office.fetch_table')}
        </a>
      </p>
      <TableFile
        file={file}
        mode={mode}
        testId="table"
        onFile={(next) => {
          forget();
          setFile(next);
        }}
        onMode={setMode}
      />
      {head !== undefined && <ColumnChoice head={head} places={places} onPlaces={setPlaces} />}
      {take.isPending && <p role="status">{t('state.fetching')}</p>}
      <ProblemWords problem={take.error === null ? null : problemOf(take.error, t('state.no_network'))} />
      {take.data !== undefined && <Report of={of} report={take.data} />}
    </Drawer>
  );
}

function Report({ of, report }: { of: TableName; report: Schema['TableImport'] }) {
  const { t } = useTranslation();
  const { rows, mend } = report;
  const count = (outcome: string) => rows.filter((row) => row.outcome === outcome).length;
  const refused = rows.filter((row) => row.outcome === 'refused');
  const others = rows.filter((row) => row.outcome !== 'refused').slice(0, DRAWN);

  return (
    <section className="table-report" aria-live="polite" data-testid="table-report">
      <h3>{t('office.table_report', { taken: count('taken'), held: count('held_back'), refused: refused.length })}</h3>
      {mend !== null && (
        <Button
          testId="mend"
          href={`data:text/csv;charset=utf-8,${encodeURIComponent(`\uFEFF${mend}`)}`}
          download={`${of}-to-mend.csv`}
        >
          {t('office.fetch_mend')}
        </Button>
      )}
      <ol>
        {[...refused, ...others].map((row) => (
          <li key={row.row} className={row.outcome}>
            <b>{t('table.row', { row: row.row })}</b>
            <div>
              {row.name}
              <i>{t(`table.outcome.${row.outcome}`)}</i>
              {row.words !== '' && <p>{row.words}</p>}
            </div>
          </li>
        ))}
      </ol>
    </section>
  );
}
