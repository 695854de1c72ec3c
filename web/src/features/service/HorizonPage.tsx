import { Suspense, lazy, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { Schema } from '../../api/client';
import { whatToDo } from '../../api/problem';
import { Button } from '../../app/Button';
import { Notice } from '../../app/Notice';
import { Page } from '../../app/Page';
import { figure, longDate } from '../../app/figures';
import { MiniPlan } from '../../plans/MiniPlan';
import { useSize } from '../../plans/useSize';
import { MyName } from '../session/MyName';
import { useMe } from '../session/useSession';
import { dayAndMonth, daysBetween, plusDays } from './days';
import { HorizonLane } from './HorizonLane';
import { useHorizon } from './useService';
import { quantityOf } from './words';
import './service.css';

const PlanDrawer = lazy(() => import('./PlanDrawer').then((part) => ({ default: part.PlanDrawer })));

type Machine = Schema['ServiceHorizon']['machines'][number];

const SATURDAY = 6;

/** What the fleet needs in the next three weeks, against the hires that are booked, and the kit for it. */
export default function HorizonPage() {
  const { t } = useTranslation();
  const [drawing, setDrawing] = useState<string | null>(null);
  const [clashesFirst, setClashesFirst] = useState(false);
  const [isPlanning, setIsPlanning] = useState(false);
  const me = useMe();
  const mayPlan = me.may.lead || me.may.repair;
  const horizon = useHorizon(drawing, clashesFirst ? 'clash' : 'day');
  if (horizon.isPending) {
    return <Notice words={t('state.fetching')} />;
  }
  const last = horizon.data?.pages[horizon.data.pages.length - 1];
  if (horizon.data === undefined || last === undefined) {
    return (
      <Notice
        words={whatToDo(horizon.error, t('state.no_answer'))}
        act={t('state.try_again')}
        onAct={() => void horizon.refetch()}
      />
    );
  }
  const { planned, kit, today, until, totals, families, waiting, not_recorded: notRecorded } = last;
  const machines = horizon.data.pages.flatMap((page) => page.machines);

  return (
    <Page
      className="horizon"
      title={t('service.horizon')}
      sub={t('service.three_weeks', { day: longDate(`${today}T12:00:00Z`) })}
      leaf={t('service.book')}
      tabs
      right={
        <>
          <p className="horizon-sum">
            <b>{t('service.clashes', { count: totals.clashes })}</b>{' '}
            {t('service.points_on', { count: totals.points, machines: totals.machines })}
          </p>
          <MyName />
        </>
      }
    >
      <nav className="horizon-families" aria-label={t('fleet.families')}>
        <button
          type="button"
          aria-pressed={drawing === null}
          data-testid="horizon-all"
          onClick={() => setDrawing(null)}
        >
          <b>{totals.machines}</b>
          {t('service.all_due')}
        </button>
        {families.map((family) => (
          <button
            key={family.drawing}
            type="button"
            aria-pressed={drawing === family.drawing}
            onClick={() => setDrawing(family.drawing)}
          >
            <MiniPlan name={family.drawing} width={70} height={34} />
            {family.name} {family.count}
          </button>
        ))}
        <button
          type="button"
          className="horizon-first"
          aria-pressed={clashesFirst}
          data-testid="clashes-first"
          onClick={() => setClashesFirst(!clashesFirst)}
        >
          {t('service.clashes_first')}
        </button>
      </nav>
      <div className="horizon-body">
        {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- what scrolls has to be reached by keys */}
        <section className="horizon-time" tabIndex={0} aria-label={t('service.horizon')}>
          {machines.length === 0 ? (
            <p className="horizon-none">{t('service.nothing_due', { day: dayAndMonth(until, today) })}</p>
          ) : (
            <Lines machines={machines} today={today} until={until} />
          )}
          {horizon.hasNextPage && (
            <Button
              testId="horizon-more"
              disabled={horizon.isFetchingNextPage}
              onClick={() => void horizon.fetchNextPage()}
            >
              {t('service.more', { count: totals.machines - machines.length })}
            </Button>
          )}
          {waiting > 0 && (
            <p className="horizon-none" role="status">
              {t('service.waiting', { count: waiting })}
            </p>
          )}
          {notRecorded > 0 && <p className="horizon-none">{t('service.not_recorded', { count: notRecorded })}</p>}
        </section>
        <KitList kit={kit} until={dayAndMonth(until, today)} onPlan={mayPlan ? () => setIsPlanning(true) : null} />
      </div>
      {isPlanning && (
        <Suspense fallback={null}>
          <PlanDrawer machines={machines} planned={planned} today={today} onClose={() => setIsPlanning(false)} />
        </Suspense>
      )}
    </Page>
  );
}

function Lines({ machines, today, until }: { machines: Machine[]; today: string; until: string }) {
  const { t } = useTranslation();
  const box = useRef<HTMLDivElement>(null);
  const { width } = useSize(box);
  const days = daysBetween(today, until) + 1;
  const step = width / days;
  const all = Array.from({ length: days }, (_, at) => plusDays(today, at));
  const weekday = (day: string) => new Date(`${day}T12:00:00Z`).getUTCDay();
  // The first day, too, where the Monday after it leaves room for its name.
  const isWeekBegin = (day: string, at: number, of: string[]) =>
    weekday(day) === 1 || (at === 0 && !of.slice(1, 4).some((one) => weekday(one) === 1));
  const isWeekend = (day: string) => [0, SATURDAY].includes(weekday(day));

  return (
    <>
      <div className="horizon-head">
        <span>{t('service.machine_meter_rate')}</span>
        <div ref={box}>
          <svg width={width} height={44} aria-hidden="true">
            {all.map((day, at) => (
              <g key={day}>
                {isWeekend(day) && <rect x={at * step} y={0} width={step} height={44} fill="var(--shade)" />}
                {isWeekBegin(day, at, all) && (
                  <text x={at * step + 4} y={16} className="horizon-week">
                    {dayAndMonth(day, today)}
                  </text>
                )}
                <text x={(at + 0.5) * step} y={36} textAnchor="middle" className="horizon-day">
                  {new Date(`${day}T12:00:00Z`).getUTCDate()}
                </text>
              </g>
            ))}
          </svg>
        </div>
      </div>
      <ul>
        {machines.map((machine) => (
          <li key={machine.machine_id} className="horizon-line" data-testid={`horizon-${machine.fleet_number}`}>
            <Link to={`/fleet/${machine.machine_id}?service`}>
              <MiniPlan name={machine.drawing} width={64} height={36} />
              <span>
                <b>{machine.fleet_number}</b>
                {machine.hours === null ? '' : ` ${figure(machine.hours)} h`}
                <small>
                  {machine.hours_per_day === null
                    ? t('fleet.no_rate')
                    : `${figure(machine.hours_per_day)} ${t('fleet.a_day')}`}
                </small>
              </span>
            </Link>
            <HorizonLane machine={machine} today={today} days={days} step={step} weekends={all.map(isWeekend)} />
          </li>
        ))}
      </ul>
    </>
  );
}

interface KitListProps {
  kit: Schema['ServiceHorizon']['kit'];
  until: string;
  /** Nothing where whoever reads it plans nothing. */
  onPlan: (() => void) | null;
}

function KitList({ kit, until, onPlan }: KitListProps) {
  const { t } = useTranslation();

  return (
    <section className="kit-list" aria-label={t('service.kit_list')}>
      <h2>{t('service.kit_list')}</h2>
      <p>{t('service.to', { day: until })}</p>
      {kit.length === 0 && <p>{t('service.no_kit')}</p>}
      <ul>
        {kit.map((item) => (
          <li key={item.name}>
            <span>
              <b>{item.name}</b>
              <small>
                {item.machines.join(', ')}
                {item.count > item.machines.length &&
                  ` ${t('service.and_more', { count: item.count - item.machines.length })}`}
              </small>
            </span>
            <i>{quantityOf(item, t) ?? t('service.to_the_mark')}</i>
          </li>
        ))}
      </ul>
      {onPlan !== null && (
        <Button testId="plan-service" onClick={onPlan}>
          {t('service.plan')}
        </Button>
      )}
      <Link to="/telematics" className="horizon-telematics" data-testid="to-telematics">
        {t('telematics.title')}
      </Link>
    </section>
  );
}
