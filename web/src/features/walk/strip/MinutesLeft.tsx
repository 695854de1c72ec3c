import { useTranslation } from 'react-i18next';
import { clock } from '../../../app/figures';
import type { Walk } from '../state/types';

interface Props {
  walk: Walk;
  /** A walk that is over is a record: nothing of it is left to do. */
  isOver: boolean;
  onDecide: () => void;
}

/**
 * Time is a limit: the minutes that are left of the walk, what remains, and by when. Touched, it opens the decision.
 */
export function MinutesLeft({ walk, isOver, onDecide }: Props) {
  const { t } = useTranslation();
  const { progress, tag } = walk.state;
  const left = progress.lines_left === 0 ? t('walk.decide') : t('walk.lines_left', { count: progress.lines_left });
  if (isOver || tag !== null) {
    return (
      <button
        type="button"
        className={`minutes ${tag === null ? '' : 'minutes-tagged'}`}
        onClick={onDecide}
        data-testid="decision"
      >
        <span className="minutes-word">{t(tag === null ? 'walk.over' : 'decision.tagged_out')}</span>
        <span className="minutes-under">
          <span>{tag === null ? t('walk.over_under') : t('walk.open_tag')}</span>
          {tag !== null && <span>{left}</span>}
        </span>
      </button>
    );
  }

  return (
    <button type="button" className="minutes" onClick={onDecide} data-testid="decision">
      <span className="minutes-left">
        {Math.ceil(progress.seconds_left / 60)} <small>{t('walk.min_left')}</small>
      </span>
      <span className="minutes-under">
        <span>{left}</span>
        {progress.lines_shut > 0 && <span>{t('walk.lines_shut', { count: progress.lines_shut })}</span>}
        <span>
          {t(walk.plan.movement === 'checkout' ? 'walk.leaves_at' : 'walk.due_at', { time: clock(walk.due_at) })}
        </span>
      </span>
    </button>
  );
}
