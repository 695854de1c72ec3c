import { useTranslation } from 'react-i18next';
import { calendarDay } from '../../../app/figures';
import { written, type Reading } from '../../../app/units';
import { useReading } from '../../session/useReading';
import type { Item } from './items';
import { NumberMark } from './NumberMark';

interface Props {
  items: Item[];
  isUnfolded: boolean;
  onFold: () => void;
  onLook: (item: Item) => void;
}

/**
 * What stands from the return walk: affirmed on the spot by the held act, or looked at again. What tags out is never
 * folded.
 */
export function CarriedCells({ items, isUnfolded, onFold, onLook }: Props) {
  const { t } = useTranslation();
  const reading = useReading();
  const first = items[0]?.carried;
  if (first === undefined || first === null) {
    return null;
  }
  const shown = items.filter((item) => isUnfolded || item.line.severity === 'stop');
  const people = [...new Set(items.map((item) => item.carried?.by.name))];

  return (
    <>
      <li className="station-cell station-carried">
        <svg className="number-mark" width="32" height="32" viewBox="-17 -17 34 34" aria-hidden="true">
          <rect x="-12" y="-12" width="24" height="24" fill="none" stroke="var(--ink-2)" strokeWidth="1.8" />
          <path d="M-6 0H6" stroke="var(--ink-2)" strokeWidth="2.4" />
        </svg>
        <span className="station-words">
          <b>{t('station.carried', { count: items.length })}</b>
          <small>{t('station.carried_from', { date: calendarDay(first.day), name: people.join(', ') })}</small>
        </span>
        <button
          type="button"
          className="station-not"
          data-testid="carried-show"
          aria-expanded={isUnfolded}
          onClick={onFold}
        >
          {t(isUnfolded ? 'station.fold' : 'station.show')}
        </button>
      </li>
      {shown.map((item) => (
        <li
          key={item.id}
          className={`station-cell station-carried ${item.line.severity === 'stop' ? 'station-barred' : ''}`}
        >
          <NumberMark item={item} isPresent={false} />
          <span className="station-words">
            <b>{item.line.title}</b>
            <small>
              {item.carried?.value !== undefined && (
                <b className="station-carried-figure">
                  {figureWithUnit(item.carried.value, item.carried.unit ?? '', reading)}
                </b>
              )}
              {t('station.carried_until', {
                date: calendarDay(item.carried?.day ?? ''),
                until: calendarDay(item.carried?.until ?? ''),
              })}
            </small>
          </span>
          <button type="button" className="station-not" data-testid={`look-${item.id}`} onClick={() => onLook(item)}>
            {t('station.look')}
          </button>
        </li>
      ))}
    </>
  );
}

/** What was read or counted then, in the unit that is read first. */
function figureWithUnit(value: string, unit: string, reading: Reading): string {
  const [first] = written(value, unit, reading);

  return `${first.text} ${first.unit}`;
}
