import { useTranslation } from 'react-i18next';
import { Mark } from '../../marks/Mark';
import { MiniPlan } from '../../plans/MiniPlan';
import { clock, duration, unbroken } from '../../app/figures';
import { rowHeight } from './geometry';
import type { Row } from './useDay';

interface Props {
  side: 'out' | 'in';
  rows: Row[];
  now: string;
  nextId: string | undefined;
  busy: boolean;
  /** Whether this person may open a walk; others see those that are open. */
  mayWalk: boolean;
  /** Whether this person may change a hire. */
  mayBook: boolean;
  onOpen: (row: Row) => void;
}

export function DayColumn({ side, rows, now, nextId, busy, mayWalk, mayBook, onOpen }: Props) {
  const isShut = (row: Row): boolean =>
    row.opens === 'nothing' ||
    (row.opens === 'hire' && !mayBook) ||
    (row.opens === 'walk' && row.walk_id === null && !mayWalk);
  const { t } = useTranslation();

  return (
    <section className={`column column-${side}`} aria-label={t(`day.${side}`)}>
      <header>
        <h2>{t(`day.${side}`)}</h2>
        <span className="c-start">{t('day.start_by')}</span>
        <span className="c-due">{t(side === 'out' ? 'day.leaves' : 'day.back')}</span>
      </header>
      {rows.length === 0 && <p className="column-empty">{t(`day.none_${side}`)}</p>}
      <ol>
        {rows.map((row) => (
          <li key={row.hire_id} style={{ height: rowHeight(row) }}>
            <button
              type="button"
              className={`row ${row.done_at !== null ? 'row-done' : ''} ${row.hire_id === nextId ? 'row-next' : ''}`}
              disabled={busy || isShut(row)}
              data-testid={`open-${side}-${row.fleet_number}`}
              onClick={() => onOpen(row)}
            >
              <RowWords row={row} />
              <RowTimes row={row} now={now} />
            </button>
          </li>
        ))}
      </ol>
    </section>
  );
}

function RowWords({ row }: { row: Row }) {
  const { t } = useTranslation();
  const isDone = row.done_at !== null && row.state.mark !== 'stop';

  return (
    <>
      <span className={row.person === null ? 'initials nobody' : 'initials'}>
        {row.person?.initials ?? '+'}
        <span className="sr">{row.person?.name ?? t('day.nobody')}</span>
      </span>
      <span className="row-plan">
        <MiniPlan name={row.drawing} height={isDone ? 44 : 56} />
      </span>
      <span className="row-words">
        <span className="row-machine">
          <b>{row.fleet_number}</b> {unbroken(row.describes)}
        </span>
        {!isDone && <span className="row-customer">{row.customer}</span>}
        <span className={`row-state ${row.state.mark === 'stop' ? 'word-stop' : ''}`}>
          <Mark outcome={row.state.mark} size={isDone ? 18 : 21} />
          {row.state.words}
        </span>
        {!isDone && row.state.because !== '' && <span className="row-because">{row.state.because}</span>}
      </span>
    </>
  );
}

function RowTimes({ row, now }: { row: Row; now: string }) {
  const { t } = useTranslation();
  const ahead = (Date.parse(row.start_by) - Date.parse(now)) / 1000;
  const underIt = () => {
    if (row.done_at !== null) {
      return '';
    }
    if (row.started_at !== null) {
      return t('day.started', { time: clock(row.started_at) });
    }

    return ahead > 0 ? t('day.in_in', { time: duration(ahead) }) : t('day.over', { time: duration(-ahead) });
  };
  const under = underIt();

  return (
    <>
      <span className="row-start">
        <b>{clock(row.start_by)}</b>
        <small>{under}</small>
      </span>
      <span className="row-due">
        <b>{clock(row.due_at)}</b>
      </span>
    </>
  );
}
