import { useTranslation } from 'react-i18next';
import { Mark } from '../../../marks/Mark';
import { ItemWords } from './ItemWords';
import { NumberMark } from './NumberMark';
import type { RowProps } from './RowProps';

/** A line whose failing tags the machine out: it has a touch of its own. */
export function TouchRow({
  item,
  isPresent,
  mayAnswer,
  waits,
  onPick,
  onStands,
  onStart,
  onNotSo,
  onOpen,
}: RowProps) {
  const { t } = useTranslation();
  const step = item.step === null ? undefined : item.line.test[item.step];
  const isTimed = step !== undefined && step.seconds !== null;
  const isRunning = isTimed && waits < (step.seconds ?? 0);

  return (
    <li
      className={`station-row ${item.isAlone ? 'station-barred' : ''} ${isPresent ? 'station-present' : ''} ${item.isWaiting ? 'station-waits' : ''}`}
      onPointerDown={onPick}
    >
      <NumberMark item={item} isPresent={isPresent} />
      <ItemWords item={item} onOpen={onOpen} />
      {item.isDone ? (
        <span className={`station-said station-said-${item.outcome}`}>
          <Mark outcome={item.outcome} />
          {t(`outcome.${item.outcome}`)}
        </span>
      ) : (
        mayAnswer &&
        (item.isAlone || waits > 0) && (
          <button
            type="button"
            className="station-act"
            data-testid={waits > 0 ? `start-${item.id}` : `stands-${item.id}`}
            disabled={waits > 0 && isRunning}
            onClick={waits > 0 ? onStart : onStands}
          >
            {waits > 0 && t(isRunning ? 'station.seconds' : 'station.start', { count: waits })}
            {waits === 0 && t(item.step === null ? 'walk.stands' : 'test.as_expected')}
          </button>
        )
      )}
      {!item.isDone && !item.isAlone && waits === 0 && (
        <span className="station-with">{t('station.with_others')}</span>
      )}
      {mayAnswer && !item.isDone && (
        <button type="button" className="station-not" data-testid={`amiss-${item.id}`} onClick={onNotSo}>
          {t('walk.not_so')}
        </button>
      )}
    </li>
  );
}
