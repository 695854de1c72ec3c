import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { problemOf } from '../../api/problem';
import { HoldButton } from '../../app/HoldButton';
import { Drawer } from '../../app/Drawer';
import { ProblemWords } from '../../app/ProblemWords';
import { readTable } from '../../app/readTable';
import { TableFile, type TableMode } from '../../app/TableFile';
import { useImportModels, type ImportRow } from './useCatalogue';

/** Models from a table: which file, what becomes of the good rows when others are not, and then the report by row. */
export function ImportDrawer({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { t } = useTranslation();
  const [file, setFile] = useState<File | null>(null);
  const [mode, setMode] = useState<TableMode>('all_or_nothing');
  const take = useImportModels();

  return (
    <Drawer
      open={open}
      title={t('table.title')}
      onClose={onClose}
      foot={
        <HoldButton
          tone="ink"
          testId="import-models"
          disabled={file === null || take.isPending}
          under={t('act.hold')}
          onHeld={() => file !== null && void readTable(file).then((csv) => take.mutate({ csv, mode }))}
        >
          {t('table.take')}
        </HoldButton>
      }
    >
      <p>
        {t('table.words')}{' '}
        <a href="/api/model-table" download="models.csv">
          {t('table.fetch')}
        </a>
      </p>
      <TableFile file={file} mode={mode} testId="import" onFile={setFile} onMode={setMode} />
      <ProblemWords problem={take.error === null ? null : problemOf(take.error, t('state.no_network'))} />
      {take.data !== undefined && <Report rows={take.data.rows} />}
    </Drawer>
  );
}

/** What is wrong, and the columns of which it is said. */
function byWords(field: ImportRow['field']): [string, string[]][] {
  const columns = new Map<string, string[]>();
  for (const [column, words] of Object.entries(field)) {
    columns.set(words.join(' '), [...(columns.get(words.join(' ')) ?? []), column]);
  }

  return [...columns];
}

function Report({ rows }: { rows: ImportRow[] }) {
  const { t } = useTranslation();
  const taken = rows.filter((row) => row.outcome === 'taken').length;

  return (
    <section className="table-report" aria-live="polite" data-testid="import-report">
      <h3>{t('table.report', { taken, rows: rows.length })}</h3>
      <ol>
        {rows.map((row) => (
          <li key={row.row} className={row.outcome}>
            <b>{t('table.row', { row: row.row })}</b>
            <div>
              {row.model_id === null ? row.model : <Link to={`/catalogue/models/${row.model_id}`}>{row.model}</Link>}
              <i>{t(`table.outcome.${row.outcome}`)}</i>
              {byWords(row.field).map(([words, columns]) => (
                <p key={words}>
                  {words} <code>{columns.join(', ')}</code>
                </p>
              ))}
            </div>
          </li>
        ))}
      </ol>
    </section>
  );
}
