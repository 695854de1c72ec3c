import { useTranslation } from 'react-i18next';
import { ItemWords } from './ItemWords';
import { NumberMark } from './NumberMark';
import type { RowProps } from './RowProps';

/** A line that is said together with others: no act of its own, but for what is not so. */
export function TogetherCell({ item, isPresent, mayAnswer, waits, onPick, onStart, onNotSo, onOpen }: RowProps) {
  const { t } = useTranslation();
  const isAmiss = item.outcome === 'attend' || item.outcome === 'stop';
  const seconds = (item.step === null ? null : item.line.test[item.step]?.seconds) ?? 0;

  return (
    <li
      className={`station-cell ${isPresent && !item.isDone ? 'station-present' : ''} ${item.isWaiting ? 'station-waits' : ''}`}
      onPointerDown={onPick}
    >
      <NumberMark item={item} isPresent={isPresent} />
      <ItemWords item={item} onOpen={onOpen} />
      {waits > 0 && mayAnswer && !item.isDone && (
        <button
          type="button"
          className="station-not"
          data-testid={`start-${item.id}`}
          disabled={waits < seconds}
          onClick={onStart}
        >
          {t(waits < seconds ? 'station.seconds' : 'station.start', { count: waits })}
        </button>
      )}
      {isAmiss && <span className={`station-not station-said-${item.outcome}`}>{t(`outcome.${item.outcome}`)}</span>}
      {mayAnswer && !item.isDone && (
        <button type="button" className="station-not" data-testid={`amiss-${item.id}`} onClick={onNotSo}>
          {t('walk.not_so')}
        </button>
      )}
    </li>
  );
}
