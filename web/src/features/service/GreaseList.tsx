import ButtonBase from '@mui/material/ButtonBase';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { drawing } from '../../plans/drawings';
import { Shapes } from '../../plans/Shapes';
import './service.css';

type Spot = Schema['GreaseSpot'];

interface Props {
  plan: string | undefined;
  spots: Spot[];
  /** Names of those that were greased. */
  done: ReadonlySet<string>;
  onTouch: (name: string) => void;
}

/** The places by name in walking order, each with its number on the plan; a touch ticks it, another takes it back. */
export function GreaseList({ plan, spots, done, onTouch }: Props) {
  const { t } = useTranslation();

  return (
    <section className="grease" aria-label={t('service.spots')} data-testid="grease">
      <h3>{t('service.spots_done', { done: done.size, all: spots.length })}</h3>
      {plan !== undefined && <GreasePlan plan={plan} spots={spots} done={done} />}
      <ol>
        {spots.map(({ name, nipples, strokes }, at) => (
          <li key={name}>
            <ButtonBase aria-pressed={done.has(name)} data-testid={`spot-${at + 1}`} onClick={() => onTouch(name)}>
              <i>{done.has(name) ? '=' : at + 1}</i>
              <span>
                <b>{name}</b>
                <small>{t('service.nipples', { count: nipples, strokes })}</small>
              </span>
            </ButtonBase>
          </li>
        ))}
      </ol>
    </section>
  );
}

/** Places on the same part share a mark. */
function GreasePlan({ plan, spots, done }: { plan: string; spots: Spot[]; done: ReadonlySet<string> }) {
  const { t } = useTranslation();
  const art = drawing(plan);
  const [x, y, width, height] = art.frame;
  const size = width * 0.036;
  const marks = new Map<string, { x: number; y: number; numbers: number[]; isDone: boolean }>();
  spots.forEach(({ name, at }, index) => {
    if (at === null) {
      return;
    }
    const key = `${at.x} ${at.y}`;
    const mark = marks.get(key) ?? { ...at, numbers: [], isDone: true };
    marks.set(key, {
      ...mark,
      numbers: [...mark.numbers, index + 1],
      isDone: mark.isDone && done.has(name),
    });
  });

  return (
    <svg
      viewBox={[x - size, y - size, width + 2 * size, height + 2 * size].join(' ')}
      role="img"
      aria-label={t('service.spots')}
    >
      <Shapes shapes={art.plan} />
      {[...marks.values()].map(({ x: cx, y: cy, numbers, isDone }) => (
        <g key={numbers.join()} className={isDone ? 'grease-mark grease-done' : 'grease-mark'}>
          <rect
            x={cx - size * (0.6 + 0.5 * numbers.length)}
            y={cy - size}
            width={2 * size * (0.6 + 0.5 * numbers.length)}
            height={size * 2}
            rx={size}
          />
          <text x={cx} y={cy} fontSize={size * 1.3} textAnchor="middle" dominantBaseline="central">
            {numbers.join(' ')}
          </text>
        </g>
      ))}
    </svg>
  );
}
