import ButtonBase from '@mui/material/ButtonBase';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { ProblemError, problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { DayField } from '../../app/DayField';
import { Drawer } from '../../app/Drawer';
import { calendarDay } from '../../app/figures';
import { ProblemWords } from '../../app/ProblemWords';
import { usePlanService } from './useService';
import { farOff, quantityOf } from './words';

interface Props {
  machines: Schema['ServiceHorizon']['machines'];
  planned: Schema['PlannedDay'][];
  today: string;
  onClose: () => void;
}

const keyOf = (machine: string, point: string) => `${machine} ${point}`;

/** What falls due is ticked together and put into a day; what is planned stands below by day, with its kit. */
export function PlanDrawer({ machines, planned, today, onClose }: Props) {
  const { t } = useTranslation();
  const plan = usePlanService();
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const [day, setDay] = useState(today);
  const dayOf = new Map(
    planned.flatMap((one) => one.work.map((work) => [keyOf(work.machine_id, work.point), one.day] as const)),
  );
  const fields = plan.error instanceof ProblemError ? (plan.error.problem.field ?? {}) : {};
  const touch = (key: string) =>
    setTicked((before) => {
      const after = new Set(before);
      if (!after.delete(key)) {
        after.add(key);
      }

      return after;
    });
  const work = machines.flatMap((machine) =>
    machine.points
      .filter(({ id }) => ticked.has(keyOf(machine.machine_id, id)))
      .map(({ id }) => ({ machine_id: machine.machine_id, point: id })),
  );

  return (
    <Drawer
      open
      title={t('service.plan_title')}
      onClose={onClose}
      foot={
        <Button
          tone="jade"
          testId="plan-these"
          disabled={plan.isPending || work.length === 0}
          onClick={() => plan.mutate({ day, work }, { onSuccess: () => setTicked(new Set()) })}
        >
          {t('service.plan_these', { count: work.length })}
        </Button>
      }
    >
      <p className="slab">{t('service.plan_words')}</p>
      <DayField
        label={t('service.plan_day')}
        value={day}
        testId="plan-day"
        words=" "
        wrong={fields.day?.[0]}
        from={today}
        onDay={(next) => next !== null && setDay(next)}
      />
      {plan.isError && <ProblemWords problem={problemOf(plan.error, t('state.no_network'))} />}
      {machines.map((machine) => (
        <section key={machine.machine_id} className="plan-machine" aria-label={machine.fleet_number}>
          <h3>{machine.fleet_number}</h3>
          {machine.points.map((point) => {
            const key = keyOf(machine.machine_id, point.id);
            const at = dayOf.get(key);

            return (
              <ButtonBase
                key={point.id}
                aria-pressed={ticked.has(key)}
                data-testid={`plan-${machine.fleet_number}-${point.id}`}
                onClick={() => touch(key)}
              >
                <i aria-hidden="true">{ticked.has(key) ? '=' : ''}</i>
                <span>
                  <b>{point.name}</b>
                  {at !== undefined && <small>{t('service.planned_for', { day: calendarDay(at) })}</small>}
                </span>
                <em>{farOff(point, t)}</em>
              </ButtonBase>
            );
          })}
        </section>
      ))}
      <h2>{t('service.planned')}</h2>
      {planned.length === 0 && <p>{t('service.planned_none')}</p>}
      {planned.map((one) => (
        <PlannedDay
          key={one.day}
          planned={one}
          isPast={one.day < today}
          isBusy={plan.isPending}
          onOff={() =>
            plan.mutate({ day: null, work: one.work.map(({ machine_id, point }) => ({ machine_id, point })) })
          }
        />
      ))}
    </Drawer>
  );
}

interface PlannedDayProps {
  planned: Schema['PlannedDay'];
  isPast: boolean;
  isBusy: boolean;
  onOff: () => void;
}

function PlannedDay({ planned, isPast, isBusy, onOff }: PlannedDayProps) {
  const { t } = useTranslation();

  return (
    <section className="planned-day" data-testid={`planned-${planned.day}`}>
      <h3>
        {calendarDay(planned.day)}
        {isPast && <small> {t('service.planned_over')}</small>}
      </h3>
      <ul>
        {planned.work.map(({ machine_id: machine, fleet_number: number, point, name }) => (
          <li key={keyOf(machine, point)}>
            <b>{number}</b> {name}
          </li>
        ))}
      </ul>
      {planned.kit.length > 0 && (
        <p>
          <i>{t('service.kit')}</i>{' '}
          {planned.kit
            .map((item) => [item.name, quantityOf(item, t) ?? t('service.to_the_mark')].join(', '))
            .join('; ')}
        </p>
      )}
      <Button testId={`off-${planned.day}`} disabled={isBusy} onClick={onOff}>
        {t('service.off_plan')}
      </Button>
    </section>
  );
}
