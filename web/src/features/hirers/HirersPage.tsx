import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { whatToDo } from '../../api/problem';
import { Notice } from '../../app/Notice';
import { LongList } from '../../app/LongList';
import { Page } from '../../app/Page';
import { useAddressFilter } from '../../app/useAddressFilter';
import { TableDrawer, type TableName } from '../office/TableDrawer';
import { MyName } from '../session/MyName';
import { CalendarDrawer } from './CalendarDrawer';
import { HirerDrawer } from './HirerDrawer';
import { NewHirerDrawer } from './NewHirerDrawer';
import { useHirerPages } from './useHirerBook';
import './hirers.css';

/** Those who hire, by name; one of them is opened over the list. */
export default function HirersPage() {
  const { t } = useTranslation();
  const { params, choose, search, type } = useAddressFilter();
  const of = params.get('of');
  const pages = useHirerPages(search.trim());
  const [isAdding, setIsAdding] = useState(false);
  const [isFeeding, setIsFeeding] = useState(false);
  const [table, setTable] = useState<TableName | null>(null);
  const first = pages.data?.pages[0];
  if (pages.isPending) {
    return <Notice words={t('state.fetching')} />;
  }
  if (first === undefined) {
    return (
      <Notice
        words={whatToDo(pages.error, t('state.no_answer'))}
        act={t('state.try_again')}
        onAct={() => void pages.refetch()}
      />
    );
  }
  const shown = pages.data?.pages.flatMap(({ hirers }) => hirers) ?? [];

  return (
    <Page
      title={t('hirers.title')}
      sub={t('hirers.count', { count: first.total })}
      leaf={t('hirers.leaf')}
      tabs
      className="hirers"
      right={
        <>
          <button type="button" data-testid="add-hirer" onClick={() => setIsAdding(true)}>
            {t('hirers.add')} +
          </button>
          <button type="button" data-testid="calendars" onClick={() => setIsFeeding(true)}>
            {t('calendar.title')}
          </button>
          <button type="button" data-testid="from-table" onClick={() => setTable('hirers')}>
            {t('office.from_table')}
          </button>
          <MyName />
        </>
      }
    >
      <div className="hirers-find">
        <TextField
          label={t('hirers.search')}
          value={search}
          onChange={(event) => type(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 60, 'data-testid': 'hirers-search' } }}
        />
      </div>
      <ul className="hirers-list">
        <LongList
          items={shown}
          keyOf={(hirer) => hirer.id}
          as="li"
          height={62}
          pages={pages}
          row={(hirer, measured) => (
            <li {...measured}>
              <button type="button" data-testid={`open-hirer-${hirer.name}`} onClick={() => choose('of', hirer.id)}>
                <b>{hirer.name}</b>
                <span>{hirer.phone}</span>
                <span>{hirer.address ?? hirer.mail}</span>
              </button>
            </li>
          )}
        />
      </ul>
      {shown.length === 0 && <p className="hirers-none">{t(search === '' ? 'hirers.none' : 'hirers.none_named')}</p>}
      {pages.isFetchingNextPage && (
        <p className="hirers-none">{t('hirers.more', { shown: shown.length, count: first.total })}</p>
      )}
      {isFeeding && <CalendarDrawer onClose={() => setIsFeeding(false)} />}
      {isAdding && <NewHirerDrawer onClose={() => setIsAdding(false)} />}
      {table !== null && (
        <TableDrawer key={table} of={table} onTable={setTable} onClose={() => setTable(null)} />
      )}
      {of !== null && <HirerDrawer key={of} hirerId={of} onOther={(id) => choose('of', id)} onClose={() => choose('of', '')} />}
    </Page>
  );
}
