import TextField from '@mui/material/TextField';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { answer, api, type Schema } from '../../api/client';
import { ProblemError, problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { shortDate } from '../../app/figures';
import { ProblemWords } from '../../app/ProblemWords';
import { everyOf } from './words';
import './service.css';

type Point = Schema['Programme']['points'][number];

const FIGURE = /^\d{0,5}$/;

/** The service points of a model: how often each comes back and on whose authority. A lead takes it from the manual. */
export function ProgrammeList({ modelId, mayChange }: { modelId: string; mayChange: boolean }) {
  const { t } = useTranslation();
  const [changed, setChanged] = useState<Point | null>(null);
  const programme = useQuery({
    queryKey: ['programme', modelId],
    queryFn: () => answer(api.GET('/api/models/{model}/service-points', { params: { path: { model: modelId } } })),
  });
  if (programme.data === undefined) {
    return <p>{t(programme.isError ? 'state.no_network' : 'state.fetching')}</p>;
  }

  return (
    <>
      <ul className="programme" data-testid="programme">
        {programme.data.points.map((point) => (
          <li key={point.id}>
            <span>
              <b>{point.name}</b>
              <small>
                {[
                  ...(point.contains.length > 0 ? [t('service.contains', { points: point.contains.join(', ') })] : []),
                  ...(point.done_by === 'hirer' ? [t('service.by_hirer')] : []),
                  point.source.words,
                  ...(point.set === null
                    ? []
                    : [t('service.set_by', { name: point.set.by.name, at: shortDate(point.set.at) })]),
                ].join('. ')}
              </small>
            </span>
            <i>{everyOf(point.every, t)}</i>
            {mayChange && (
              <Button testId={`change-${point.id}`} onClick={() => setChanged(point)}>
                {t('fleet.change')}
              </Button>
            )}
          </li>
        ))}
      </ul>
      {changed !== null && <IntervalDrawer modelId={modelId} point={changed} onClose={() => setChanged(null)} />}
    </>
  );
}

function IntervalDrawer({ modelId, point, onClose }: { modelId: string; point: Point; onClose: () => void }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [figures, setFigures] = useState({
    hours: point.every.hours ?? '',
    months: point.every.months === 0 ? '' : String(point.every.months),
    days: point.every.days === 0 ? '' : String(point.every.days),
    hires: point.every.hires === 0 ? '' : String(point.every.hires),
  });
  const [source, setSource] = useState(point.set === null ? '' : point.source.words);
  const set = useMutation({
    mutationFn: () =>
      answer(
        api.PUT('/api/models/{model}/service-points/{point}', {
          params: { path: { model: modelId, point: point.id } },
          body: {
            hours: figures.hours === '' ? null : Number(figures.hours),
            months: Number(figures.months),
            days: Number(figures.days),
            hires: Number(figures.hires),
            source: source.trim(),
          },
        }),
      ),
    onSuccess: async (programme) => {
      queries.setQueryData(['programme', modelId], programme);
      await queries.invalidateQueries({ queryKey: ['service'] });
      onClose();
    },
  });
  const fields = set.error instanceof ProblemError ? (set.error.problem.field ?? {}) : {};

  return (
    <Drawer
      open
      title={point.name}
      onClose={onClose}
      foot={
        <Button
          tone="jade"
          testId="set-interval"
          disabled={set.isPending || source.trim().length < 3}
          onClick={() => set.mutate()}
        >
          {t('office.keep')}
        </Button>
      }
    >
      <p>{t('service.as_the_manual_says')}</p>
      <div className="two-times">
        {(['hours', 'months', 'days', 'hires'] as const).map((name) => (
          <TextField
            key={name}
            label={t(`service.each_${name}`)}
            value={figures[name]}
            error={fields[name] !== undefined}
            helperText={fields[name]?.[0] ?? ' '}
            onChange={(event) =>
              FIGURE.test(event.target.value) && setFigures({ ...figures, [name]: event.target.value })
            }
            slotProps={{ htmlInput: { inputMode: 'numeric', 'data-testid': `each-${name}` } }}
          />
        ))}
      </div>
      <TextField
        label={t('service.where_it_says_so')}
        value={source}
        onChange={(event) => setSource(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 200, 'data-testid': 'interval-source' } }}
      />
      {set.isError && <ProblemWords problem={problemOf(set.error, t('state.no_network'))} />}
    </Drawer>
  );
}
