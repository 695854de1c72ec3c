import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Button } from '../../../app/Button';
import { useMe } from '../../session/useSession';
import { ProblemWords } from '../../../app/ProblemWords';
import { TakeOverDrawer } from '../decision/TakeOverDrawer';
import { useSend } from '../state/useSend';
import type { Post } from '../state/useWalk';
import type { Walk } from '../state/types';

/**
 * Who walks this walk, when it is not only the reader: to walk along and take a share of the stations, or to leave it
 * to the others.
 */
export function ShareBar({ walk, post }: { walk: Walk; post: Post }) {
  const { t } = useTranslation();
  const me = useMe();
  const { busy, problem, send } = useSend();
  const [isTaking, setIsTaking] = useState(false);
  const [hasStoodBy, setHasStoodBy] = useState(false);
  const { people } = walk.state;
  const walksAlong = people.some(({ person }) => person.id === me.id);
  if (walksAlong && people.length < 2) {
    return null;
  }
  const takeOver = async (reason: string) => {
    if (await send(() => post('walk.taken_over', { reason }))) {
      setIsTaking(false);
    }
  };
  const names = people.filter(({ person }) => person.id !== me.id).map(({ person }) => person.name);

  return (
    <aside className="share" aria-label={t('share.title')}>
      <p>
        {walksAlong
          ? t('share.with', { names: names.join(', ') })
          : t('share.others', { names: names.join(', '), count: names.length })}
        {!walksAlong && me.may.walk && ` ${t('share.look_on')}`}
      </p>
      {!walksAlong && me.may.walk && (
        <Button disabled={busy} testId="take-over" onClick={() => setIsTaking(true)}>
          {t('share.take_over')}
        </Button>
      )}
      <Button
        disabled={busy || !me.may.walk}
        testId={walksAlong ? 'leave-walk' : 'join-walk'}
        onClick={() => void send(() => post(walksAlong ? 'walk.left' : 'walk.joined', {}))}
      >
        {t(walksAlong ? 'share.leave' : 'share.join')}
      </Button>
      {!walksAlong && (
        <Button
          disabled={busy}
          testId="stand-by"
          onClick={() => void send(() => post('second.stood_by', {})).then(setHasStoodBy)}
        >
          {t(hasStoodBy ? 'share.stands_by' : 'share.stand_by')}
        </Button>
      )}
      {!isTaking && <ProblemWords problem={problem} />}
      {isTaking && (
        <TakeOverDrawer
          names={names.join(', ')}
          problem={problem}
          onClose={() => setIsTaking(false)}
          onReason={(reason) => void takeOver(reason)}
        />
      )}
    </aside>
  );
}
