import ButtonBase from '@mui/material/ButtonBase';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { NumberedPlan } from './NumberedPlan';
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
      {plan !== undefined && (
        <NumberedPlan
          plan={plan}
          label={t('service.spots')}
          places={spots.map(({ name, at }, index) => ({ number: index + 1, at, isDone: done.has(name) }))}
        />
      )}
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
