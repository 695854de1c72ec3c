import type { TFunction } from 'i18next';
import { useTranslation } from 'react-i18next';
import { withFigures } from '../../../app/units';
import { dayAndMonth } from '../../service/days';
import { useReading } from '../../session/useReading';
import type { Item } from './items';

interface Props {
  item: Item;
  /** In place of what must be true. */
  words?: string | undefined;
  onOpen: () => void;
}

/**
 * What it is, over what must be true. A touch shows how it is done, why, and everything else that can be said of it.
 */
export function ItemWords({ item, words: instead, onOpen }: Props) {
  const { t } = useTranslation();
  const reading = useReading();
  const step = item.step === null ? undefined : item.line.test[item.step];
  const small = [
    item.line.title,
    ...(item.line.due === undefined ? [] : [whyAsked(item.line.due, t)]),
    ...(step === undefined ? [] : [withFigures(step.do, step.figures, reading)]),
  ].join('. ');
  const words = step === undefined ? (instead ?? item.line.accept) : withFigures(step.expect, step.figures, reading);
  const isBarred = (step?.severity ?? item.line.severity) === 'stop';

  return (
    <button
      type="button"
      className="station-words"
      data-testid={`detail-${item.id}`}
      aria-label={[
        t('station.number', { number: item.number }),
        ...(isBarred ? [t('station.barred')] : []),
        small,
        words,
        t(`outcome.${item.outcome}`),
      ].join(', ')}
      onClick={onOpen}
    >
      <small>{small}</small>
      <b>{words}</b>
    </button>
  );
}

/** Walks do not ask this by themselves: it says why this one does. */
function whyAsked({ occasion, last }: NonNullable<Item['line']['due']>, t: TFunction): string {
  const today = new Date().toISOString().slice(0, 10);

  return last === null
    ? t(`service.never.${occasion}`)
    : t(`service.since.${occasion}`, { day: dayAndMonth(last, today) });
}
