import type { TFunction } from 'i18next';
import { useTranslation } from 'react-i18next';
import { useReading } from '../../session/useReading';
import { written, writtenDifference } from '../../../app/units';
import { Mark } from '../../../marks/Mark';
import { useFigureBeingSet } from '../state/figureBeingSet';
import type { Walk } from '../state/types';
import { ItemWords } from './ItemWords';
import { NumberMark } from './NumberMark';
import { onThePlate, quickOf, type Quick } from './quick';
import type { RowProps } from './RowProps';

interface Own {
  walk: Walk;
  onCannot: () => void;
  /** Its instrument stands beside the list. */
  isBeingSet: boolean;
  /** What is most often so is said from here. */
  onQuick: (said: Quick) => void;
}

/** An instrument, a paper or a dashboard: its figures, and the way to it. */
export function OpenedRow({
  item,
  isPresent,
  isBeingSet,
  mayAnswer,
  walk,
  onPick,
  onOpen,
  onCannot,
  onQuick,
}: RowProps & Own) {
  const { t } = useTranslation();
  const { line } = item;
  const state = walk.state.lines.find((one) => one.key === line.key);
  const isOut = walk.plan.movement === 'checkout';
  const unit = line.instrument?.unit;
  const last = state?.last ?? null;
  const being = useFigureBeingSet(line.key);
  const value = (isBeingSet ? being : null) ?? state?.value ?? null;
  // The yard's register says until when; a paper that does not fit says what stands on it.
  const isTold = line.paper !== null && state !== undefined && (
    state.outcome === 'attend' || state.outcome === 'stop' || (state.outcome === 'stands' && state.answered_by === null)
  );
  const quick = quickOf(item, state);
  const isCounted = item.shortcut === 'as_many' && quick !== null && mayAnswer && !item.isDone && !isBeingSet;
  const choices = mayAnswer && !item.isDone ? item.choices : [];
  const told = isTold ? state.judgement?.verdict.reason : undefined;
  const words = choices.length > 0 ? t('station.on_the_plate') : told;
  const reading = useReading();
  const shown = (figure: string | null) =>
    figure === null || unit === undefined ? '\u2013' : written(figure, unit, reading)[0].text;
  const difference =
    last === null || value === null ? null : String(Number((Number(value) - Number(last)).toFixed(3)));

  return (
    <li
      className={[
        'station-row station-opened',
        choices.length > 0 ? 'station-plate' : '',
        isPresent ? 'station-present' : '',
        item.isWaiting ? 'station-waits' : '',
      ].join(' ')}
      onPointerDown={onPick}
    >
      <NumberMark item={item} isPresent={isPresent} />
      <ItemWords item={item} words={words} onOpen={onOpen} />
      {unit !== undefined && (
        <span className="station-figures">
          <span>
            <i>{t(isOut ? 'walk.last_in' : 'walk.out')}</i>
            {shown(last)}
          </span>
          <span>
            <i>{t(isOut ? 'station.out' : 'station.in')}</i>
            {shown(value)}
          </span>
          <span className="station-difference">
            <i>{t('walk.difference')}</i>
            {difference === null ? '\u2013' : writtenDifference(difference, unit, reading).text}
          </span>
        </span>
      )}
      {item.isDone ? (
        <span className={`station-said station-said-${item.outcome}`}>
          <Mark outcome={item.outcome} />
          {t(item.isWaiting ? 'station.kept' : `outcome.${item.outcome}`)}
        </span>
      ) : (
        mayAnswer && !isBeingSet && choices.length === 0 && !isCounted && (
          <button
            type="button"
            className="station-act"
            data-testid={quick === null ? `open-${item.id}` : `quick-${item.id}`}
            onClick={quick === null ? onOpen : () => onQuick(quick)}
          >
            {quick === null
              ? t(line.paper !== null ? 'station.compare' : 'station.set')
              : quickWords(quick, shown, t)}
          </button>
        )
      )}
      {isCounted && quick !== null && (
        <span className="station-with">{t('station.as_in_with_others', { figure: quickWords(quick, shown, t) })}</span>
      )}
      {isBeingSet && <span className="station-with">{t('station.being_set')}</span>}
      {choices.length > 0 && (
        <span className="station-choices" role="group" aria-label={t('station.on_the_plate')}>
          {choices.map((serial) => (
            <button
              key={serial}
              type="button"
              className="station-choice"
              data-testid={`plate-${serial}`}
              onClick={() => onQuick(onThePlate(item, serial))}
            >
              {serial}
            </button>
          ))}
        </span>
      )}
      {choices.length > 0 && (
        <button type="button" className="station-not" data-testid={`open-${item.id}`} onClick={onOpen}>
          {t('station.none_of_these')}
        </button>
      )}
      {mayAnswer && !item.isDone && quick !== null && (
        <button type="button" className="station-not" data-testid={`open-${item.id}`} onClick={onOpen}>
          {t(quick.kind === 'reading.posted' ? 'station.other' : 'station.lit')}
        </button>
      )}
      {mayAnswer && !item.isDone && quick === null && choices.length === 0 && (
        <button type="button" className="station-not" data-testid={`cannot-${item.id}`} onClick={onCannot}>
          {t('walk.cannot_read')}
        </button>
      )}
    </li>
  );
}

function quickWords(quick: Quick, shown: (figure: string) => string, t: TFunction): string {
  return quick.kind === 'reading.posted'
    ? t('station.as_in', { value: shown(quick.payload.value ?? '') })
    : t('station.dark');
}
