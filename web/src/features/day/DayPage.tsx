import { Suspense, lazy, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { whatToDo } from '../../api/problem';
import { Notice } from '../../app/Notice';
import { Page } from '../../app/Page';
import { clock, duration, longDate, onYardClock } from '../../app/figures';
import { useMe, useSession } from '../session/useSession';
import { usePreviews, type Wanted } from '../walk/state/usePreviews';
import { Link, useSearchParams } from 'react-router';
import { Mark } from '../../marks/Mark';
import { useDoubts } from '../doubts/useDoubts';
import { useOpenReports } from '../reports/useReports';
import { SecondFactorNotice } from '../session/SecondFactorNotice';
import { MyName } from '../session/MyName';
import { useKeptBookings } from '../../offline/useBookings';
import { useOutbox } from '../../offline/useOutbox';
import { useBookingLists } from '../office/useOffice';
import { BeforeToday } from './BeforeToday';
import { DayColumn } from './DayColumn';
import { Fold } from './Fold';
import { KeptBookings } from './KeptBookings';
import { rowHeight } from './geometry';
import { OpenWalkDrawer } from './OpenWalkDrawer';
import { useDay, useOpenRow, type Row } from './useDay';
import { useNowInSight } from './useNowInSight';
import { useYardNow } from './useYardNow';
import './day.css';

// The office's forms bring calendars along, which a tablet in the yard never opens.
const NewHireDrawer = lazy(() => import('../office/NewHireDrawer').then((part) => ({ default: part.NewHireDrawer })));
const HireDrawer = lazy(() => import('../office/HireDrawer').then((part) => ({ default: part.HireDrawer })));
const FirstSteps = lazy(() => import('../office/FirstSteps').then((part) => ({ default: part.FirstSteps })));

const DAY_MS = 86_400_000;

/** The yard's own day of the calendar. */
const today = (now: string): string => onYardClock(now).slice(0, 10);

/** Walks of the day that could be opened, or gone on with, here and now. */
function toWalk(day: Schema['Day'] | undefined): Wanted[] {
  const of = (rows: Row[], movement: Schema['Movement']) =>
    rows
      .filter((row) => (row.opens === 'walk' && row.done_at === null) || row.opens === 'handover')
      .map((row) => ({ hireId: row.hire_id, movement, walkId: row.walk_id }));

  return day === undefined
    ? []
    : [
        ...of(
          day.outs.filter((row) => row.machine_is_here),
          'checkout',
        ),
        ...of(day.ins, 'return'),
      ];
}

/** The day: outs and ins either side of a fold that is the clock. */
export default function DayPage() {
  const { t } = useTranslation();
  const [params, setParams] = useSearchParams();
  const date = params.get('date');
  const day = useDay(date);
  const now = useYardNow(day.data?.now ?? new Date(0).toISOString(), day.dataUpdatedAt);
  const [asking, setAsking] = useState<{ row: Row; side: 'out' | 'in' } | null>(null);
  const [isBooking, setIsBooking] = useState(false);
  const [changing, setChanging] = useState<string | null>(null);
  const book = useRef<HTMLDivElement>(null);
  const open = useOpenRow();
  const yard = useSession().data?.yard;
  const { kept } = useOutbox();
  const promised = useKeptBookings();
  const howItStands = (): string => {
    if (day.isError) {
      return t('state.no_network');
    }

    if (kept.length > 0) {
      return t('state.kept', { count: kept.length });
    }

    return promised.length > 0 ? t('office.bookings_kept', { count: promised.length }) : t('state.posted');
  };
  const me = useMe();
  const doubts = useDoubts(me.may.lead).data;
  const doubtful = doubts?.walks.length ?? 0;
  const missing = doubts?.questions.length ?? 0;
  const reported = useOpenReports().data?.reports.length ?? 0;
  useBookingLists(me.may.book);
  // Of another day nothing is walked, and its machines may still be on the folio before.
  usePreviews(me.may.walk && date === null ? toWalk(day.data) : []);
  const height = day.data === undefined ? 0 : bookHeight(day.data.outs, day.data.ins);
  useNowInSight(book, day.data?.outs ?? [], day.data?.ins ?? [], now, height, date === null);

  if (day.isPending) {
    return <Notice words={t('state.fetching')} />;
  }
  if (day.data === undefined) {
    return (
      <Notice
        words={whatToDo(day.error, t('state.no_answer'))}
        act={t('state.try_again')}
        onAct={() => void day.refetch()}
      />
    );
  }
  const { outs, ins, totals, people, verification } = day.data;
  const mine = unfinishedOf(me.id, outs, ins);
  const next = me.may.walk ? nextToStart(outs) : undefined;

  const isToday = date === null;
  const shownDate = day.data.date;
  const step = (days: number) => {
    const next = new Date(Date.parse(`${shownDate}T12:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);
    setParams(next === today(now) ? {} : { date: next });
  };

  const askOrOpen = (row: Row, side: 'out' | 'in') => {
    if (row.opens === 'hire') {
      setChanging(row.hire_id);
    } else if (row.opens === 'walk' && row.walk_id === null) {
      setAsking({ row, side });
    } else {
      open.open(row, side === 'out' ? 'checkout' : 'return');
    }
  };

  return (
    <Page
      title={isToday ? longDate(now) : longDate(`${shownDate}T12:00:00Z`)}
      sub={yard === undefined ? '' : `${yard.name}, ${yard.place}`}
      leaf={t('day.book')}
      tabs
      className="day"
      notices={
        <>
          <SecondFactorNotice />
          <KeptBookings userId={me.id} />
          {day.data.before_today.length > 0 && (
            <BeforeToday left={day.data.before_today} mayWalk={me.may.walk} onOpen={askOrOpen} />
          )}
          <Suspense fallback={null}>
            {day.data.first_steps !== null && <FirstSteps steps={day.data.first_steps} />}
          </Suspense>
        </>
      }
      right={
        <>
          {/* Before the steps, which so stay under the finger that turns several days. */}
          {!isToday && (
            <button type="button" data-testid="day-today" onClick={() => setParams({})}>
              {t('day.today')}
            </button>
          )}
          <button
            type="button"
            className="day-step"
            aria-label={t('day.earlier_day')}
            data-testid="day-before"
            onClick={() => step(-1)}
          >
            ‹
          </button>
          <button
            type="button"
            className="day-step"
            aria-label={t('day.later_day')}
            data-testid="day-after"
            onClick={() => step(1)}
          >
            ›
          </button>
          <div className="head-who">
            {clock(now)}
            <span>
              {howItStands()}
            </span>
          </div>
          {me.may.book && (
            <button type="button" data-testid="new-hire" onClick={() => setIsBooking(true)}>
              {t('office.new_hire')}
            </button>
          )}
          <MyName />
        </>
      }
    >
      {doubtful > 0 && (
        <Link className="day-doubts" to="/doubts" data-testid="day-doubts">
          <Mark outcome="stop" /> {t('day.in_doubt', { count: doubtful })}
        </Link>
      )}
      {missing > 0 && (
        <Link className="day-doubts day-fit" to="/doubts" data-testid="day-fit">
          <Mark outcome="attend" /> {t('day.fit', { count: missing })}
        </Link>
      )}
      {reported > 0 && (
        <Link className="day-doubts day-fit" to="/reports" data-testid="day-reports">
          <Mark outcome="attend" /> {t('reports.day', { count: reported })}
        </Link>
      )}
      {verification !== null && (
        <section className="day-doubts" role="alert" data-testid="verification">
          <Mark outcome="stop" />
          <p>
            {t('day.verification', { time: clock(verification.at) })} {verification.faults.join(' ')}
          </p>
        </section>
      )}
      {open.error !== null && (
        <p className="day-problem" role="alert">
          {whatToDo(open.error, t('state.no_network'))}
        </p>
      )}
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- what scrolls has to be reached by keys */}
      <div className="book" tabIndex={0} ref={book} style={{ '--book': `${height}px` } as React.CSSProperties}>
        <DayColumn
          side="out"
          rows={outs}
          now={now}
          nextId={next?.hire_id}
          busy={open.isPending}
          mayWalk={me.may.walk}
          mayBook={me.may.book}
          onOpen={(row) => askOrOpen(row, 'out')}
        />
        <Fold outs={outs} ins={ins} now={now} isToday={isToday} height={height} />
        <DayColumn
          side="in"
          rows={ins}
          now={now}
          nextId={undefined}
          busy={open.isPending}
          mayWalk={me.may.walk}
          mayBook={me.may.book}
          onOpen={(row) => askOrOpen(row, 'in')}
        />
        <Totals side="out" totals={totals.outs} />
        <Totals side="in" totals={totals.ins} />
      </div>
      <footer className="day-foot">
        {people.map(({ person, doing }) => (
          <div key={person.id} className="day-person">
            <i>{person.name}</i>
            {doing}
          </div>
        ))}
        {me.may.walk && mine !== undefined && (
          <button
            type="button"
            className="day-next"
            disabled={open.isPending}
            data-testid="go-on-mine"
            onClick={() => open.open(mine.row, mine.side === 'out' ? 'checkout' : 'return')}
          >
            {t(mine.row.opens === 'handover' ? 'day.hand_over' : 'day.go_on', { number: mine.row.fleet_number })}
            <small>{t('day.started', { time: clock(mine.row.started_at ?? now) })}</small>
          </button>
        )}
        {me.may.walk && mine === undefined && (
          <button
            type="button"
            className="day-next"
            disabled={next === undefined || open.isPending}
            data-testid="open-next"
            onClick={() => next !== undefined && askOrOpen(next, 'out')}
          >
            {next === undefined ? t('day.nothing_to_start') : t('day.open', { number: next.fleet_number })}
            {next !== undefined && <small>{t('day.next_by', { time: clock(next.start_by) })}</small>}
          </button>
        )}
      </footer>
      {isBooking && (
        <Suspense fallback={null}>
          <NewHireDrawer onClose={() => setIsBooking(false)} />
        </Suspense>
      )}
      {changing !== null && (
        <Suspense fallback={null}>
          <HireDrawer hireId={changing} onClose={() => setChanging(null)} />
        </Suspense>
      )}
      {asking !== null && (
        <OpenWalkDrawer
          row={asking.row}
          side={asking.side}
          busy={open.isPending}
          onClose={() => setAsking(null)}
          onOpen={() => {
            open.open(asking.row, asking.side === 'out' ? 'checkout' : 'return');
            setAsking(null);
          }}
        />
      )}
    </Page>
  );
}

const bookHeight = (outs: Row[], ins: Row[]): number =>
  Math.max(...[outs, ins].map((rows) => rows.reduce((sum, row) => sum + rowHeight(row), 0)), 520);

/** The walk that this person opened and has not brought to its end. */
function unfinishedOf(me: string, outs: Row[], ins: Row[]): { row: Row; side: 'out' | 'in' } | undefined {
  const isMine = (row: Row) =>
    row.person?.id === me
    && row.started_at !== null
    && row.done_at === null
    && row.walk_id !== null
    && ['walk', 'handover'].includes(row.opens)
    && row.state.mark !== 'stop'
    && row.standing !== 'out';
  const of = (rows: Row[], side: 'out' | 'in') => rows.filter(isMine).map((row) => ({ row, side }));

  return [...of(outs, 'out'), ...of(ins, 'in')][0];
}

/** The job that has to begin first, of those that nobody has begun and whose machine is known to be in the yard. */
function nextToStart(outs: Row[]): Row | undefined {
  return outs
    .filter(
      (row) =>
        row.standing === 'booked' && row.opens === 'walk' && row.state.mark !== 'stop' && row.machine_is_here,
    )
    .sort((a, b) => a.start_by.localeCompare(b.start_by))[0];
}

function Totals({
  side,
  totals,
}: {
  side: 'out' | 'in';
  totals: { all: number; done: number; walking: number; tagged_out: number; ahead: number; ahead_seconds: number };
}) {
  const { t } = useTranslation();

  return (
    <div className={`totals totals-${side}`}>
      <span>{t(`day.total_${side}`, { count: totals.all })}</span>
      <span>{t(`day.done_${side}`, { count: totals.done })}</span>
      {totals.walking > 0 && <span>{t('day.walking', { count: totals.walking })}</span>}
      {totals.tagged_out > 0 && <span>{t('day.tagged', { count: totals.tagged_out })}</span>}
      <span>{t('day.ahead', { count: totals.ahead, time: duration(totals.ahead_seconds) })}</span>
    </div>
  );
}
