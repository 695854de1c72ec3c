import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { TFunction } from 'i18next';
import type { Schema } from '../../api/client';
import { ProblemError, problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { DayField } from '../../app/DayField';
import { Drawer } from '../../app/Drawer';
import { calendarDay, figure } from '../../app/figures';
import { ProblemWords } from '../../app/ProblemWords';
import { GreaseList } from './GreaseList';
import { ServiceSheet } from './ServiceSheet';
import { usePointsKeptHere, usePostService } from './useService';
import { everyOf, quantityOf } from './words';

type Point = Schema['ServicePoint'];

interface Props {
  machine: { id: string; fleet_number: string };
  hoursInAll: string | null;
  service: Schema['ServiceOfMachine'];
  chosen: string | null;
  mayDo: boolean;
  onChoose: (id: string | null) => void;
  onClose: () => void;
}

/** The service points of a machine; one that is chosen says how it is done, and is told as done. */
export function ServiceDrawer({ machine, hoursInAll, service, chosen, mayDo, onChoose, onClose }: Props) {
  const { t } = useTranslation();
  const keptHere = usePointsKeptHere(machine.id);
  const point = service.points.find((one) => one.id === chosen);
  if (point !== undefined) {
    return (
      <OnePoint
        key={point.id}
        machine={machine}
        hoursInAll={hoursInAll}
        point={point}
        plan={service.drawing}
        mayDo={mayDo}
        onBack={() => onChoose(null)}
        onClose={onClose}
      />
    );
  }

  return (
    <Drawer open title={t('service.sheet_of', { number: machine.fleet_number })} onClose={onClose}>
      <ServiceSheet service={service} keptHere={keptHere} onChoose={onChoose} />
    </Drawer>
  );
}

/** What was not ticked, once somebody began to tick: whoever reads the record sees what was passed over. */
function leftOut(spots: Schema['GreaseSpot'][], greased: ReadonlySet<string>, t: TFunction): string[] {
  const left = spots.filter(({ name }) => !greased.has(name)).map(({ name }) => name);

  return greased.size === 0 || left.length === 0 ? [] : [t('service.not_reached', { names: left.join(', ') })];
}

function toggled(before: ReadonlySet<string>, name: string): ReadonlySet<string> {
  const after = new Set(before);
  if (!after.delete(name)) {
    after.add(name);
  }

  return after;
}

interface OnePointProps {
  machine: { id: string; fleet_number: string };
  hoursInAll: string | null;
  point: Point;
  plan: string | undefined;
  mayDo: boolean;
  onBack: () => void;
  onClose: () => void;
}

function OnePoint({ machine, hoursInAll, point, plan, mayDo, onBack, onClose }: OnePointProps) {
  const { t } = useTranslation();
  const done = usePostService(machine.id, 'service.done');
  const [hours, setHours] = useState('');
  const [on, setOn] = useState<string | null>(null);
  const [words, setWords] = useState('');
  const [greased, setGreased] = useState<ReadonlySet<string>>(new Set());
  const spots = point.spots ?? [];
  const said = [words.trim(), ...leftOut(spots, greased, t)].filter((one) => one !== '').join(' ');
  const fields = done.error instanceof ProblemError ? (done.error.problem.field ?? {}) : {};

  return (
    <Drawer
      open
      title={`${machine.fleet_number}: ${point.name}`}
      onClose={onClose}
      foot={
        <>
          <Button testId="other-point" onClick={onBack}>
            {t('service.all_points')}
          </Button>
          {mayDo && (
            <Button
              tone="jade"
              testId="service-done"
              disabled={done.isPending}
              onClick={() =>
                done.mutate(
                  {
                    point: point.id,
                    ...(hours === '' ? {} : { hours: hours.replace(',', '.') }),
                    ...(on === null ? {} : { on }),
                    ...(said === '' ? {} : { words: said }),
                  },
                  { onSuccess: onBack },
                )
              }
            >
              {t('service.post_done')}
            </Button>
          )}
        </>
      }
    >
      <p className="service-how">{point.do}</p>
      {spots.length > 0 && (
        <GreaseList
          plan={plan}
          spots={spots}
          done={greased}
          onTouch={(name) => setGreased((before) => toggled(before, name))}
        />
      )}
      <dl className="service-facts">
        <dt>{t('service.every')}</dt>
        <dd>
          {everyOf(point.every, t)}, {t(`service.from_${point.counts_from}`)}
        </dd>
        <dt>{t('service.last')}</dt>
        <dd>
          {point.last === null
            ? t('service.state.not_known')
            : [
                calendarDay(point.last.on),
                ...(point.last.hours === null ? [] : [`${figure(point.last.hours)} h`]),
                ...(point.last.by === null ? [] : [point.last.by.name]),
              ].join(', ')}
        </dd>
        <dt>{t('service.due')}</dt>
        <dd>
          {[
            ...(point.due_hours === null ? [] : [`${figure(point.due_hours)} h`]),
            ...(point.due_on === null ? [] : [calendarDay(point.due_on)]),
          ].join(t('service.or')) || '–'}
        </dd>
        {point.likely !== null && (
          <>
            <dt>{t('service.likely')}</dt>
            <dd>
              {t('service.between', {
                first: calendarDay(point.likely.earliest),
                last: point.likely.latest === null ? '–' : calendarDay(point.likely.latest),
              })}
            </dd>
          </>
        )}
        {point.on_hire !== null && (
          <>
            <dt>{t('service.on_hire')}</dt>
            <dd>
              {t(point.done_by === 'hirer' ? 'service.hirers_duty' : 'service.day_of_hire', {
                day: point.on_hire.day,
                date: calendarDay(point.on_hire.on),
              })}
            </dd>
          </>
        )}
        {point.kit.length > 0 && (
          <>
            <dt>{t('service.kit')}</dt>
            <dd>
              {point.kit
                .map((item) => [item.name, quantityOf(item, t) ?? t('service.to_the_mark')].join(', '))
                .join('; ')}
            </dd>
          </>
        )}
        <dt>{t('service.source')}</dt>
        <dd>{point.source.words}</dd>
      </dl>
      {mayDo && (
        <>
          <DayField
            label={t('service.on')}
            value={on}
            testId="service-on"
            words={t('service.on_words')}
            wrong={fields.on?.[0]}
            onDay={setOn}
          />
          <TextField
            label={t('service.at_hours')}
            value={hours}
            error={fields.hours !== undefined}
            helperText={
              fields.hours?.[0] ??
              (hoursInAll === null
                ? t('service.hours_unknown')
                : t('service.hours_words', { hours: figure(hoursInAll) }))
            }
            onChange={(event) => setHours(event.target.value)}
            slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 9, 'data-testid': 'service-hours' } }}
          />
          <TextField
            label={t('service.words')}
            value={words}
            multiline
            onChange={(event) => setWords(event.target.value)}
            slotProps={{ htmlInput: { maxLength: 400, 'data-testid': 'service-words' } }}
          />
        </>
      )}
      {done.isError && <ProblemWords problem={problemOf(done.error, t('state.no_network'))} />}
    </Drawer>
  );
}
