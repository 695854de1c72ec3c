import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { problemOf } from '../../../api/problem';
import { Button } from '../../../app/Button';
import { feel } from '../../../app/feel';
import { AnswerSoFar } from './AnswerSoFar';
import { CannotTellButton } from './CannotTellButton';
import type { PanelProps } from './PanelProps';
import { LiftStopDrawer, type Lift } from './LiftStopDrawer';
import { PutRightDrawer } from './PutRightDrawer';
import { ProblemWords } from '../../../app/ProblemWords';
import { StrikeButton } from './StrikeButton';
import { useSend } from '../state/useSend';

/** A check by eye: what is right stands there in words; it is so, it is not so, or it cannot be told. */
export function LookPanel({
  walk,
  position,
  mayPost,
  isKept,
  post,
  inState,
  onFinding,
  refusal,
  onRefused,
}: PanelProps & { inState: boolean }) {
  const { t } = useTranslation();
  const { line } = position;
  const { busy, problem, send } = useSend();
  const [lifting, setLifting] = useState(false);
  const [isAmiss, setIsAmiss] = useState(false);
  const state = walk.state.lines.find((one) => one.key === line.key);
  const canBePutRight = line.other_answers?.includes('put_right') === true;
  const itIsAmiss = () => {
    setIsAmiss(false);
    onFinding();
  };
  // What stands is written down on the tablet and the walk goes on; if the yard's ledger refuses it, it comes back
  // here.
  const say = (answer: 'stands' | 'put_right') => {
    setIsAmiss(false);
    feel('taken');
    position.advance([line.key]);
    post('check.answered', { line: line.key, answer }).catch((error: unknown) =>
      onRefused(line.key, problemOf(error, t('state.no_network'))),
    );
  };

  const isStop = state?.outcome === 'stop';
  const itStandsAfterAll = (lift: Lift) =>
    void send(() =>
      post('check.answered', async (id) => ({ line: line.key, answer: 'stands', ...(await lift(id)) })),
    ).then((posted) => posted && setLifting(false));

  return (
    <>
      <div className="look">
        <p className="look-accept">{line.accept}</p>
        <dl>
          <dt>{t('walk.if_not')}</dt>
          <dd>{line.if_not}</dd>
          <dt>{t('walk.weighs')}</dt>
          <dd>
            {t(`severity.${line.severity}`)}
            {line.source.kind !== 'common_practice' && ` (${t(`source.${line.source.kind}`)}: ${line.source.words})`}
          </dd>
        </dl>
        <AnswerSoFar state={state} position={position} isKept={isKept} />
      </div>
      <ProblemWords problem={problem ?? refusal} />
      {mayPost && (
        <div className="look-acts">
          {state?.entry_id !== null && state !== undefined && state.outcome !== 'open' ? (
            <StrikeButton entryId={state.entry_id ?? ''} stops={isStop} post={post} />
          ) : (
            <CannotTellButton position={position} post={post} disabled={busy} words="walk.cannot_tell" />
          )}
          <Button
            disabled={busy || !inState}
            testId="amiss"
            onClick={canBePutRight && !isStop ? () => setIsAmiss(true) : itIsAmiss}
          >
            {t('walk.not_so')}
          </Button>
          {isStop && canBePutRight ? (
            <Button
              tone="ink"
              disabled={busy || !inState}
              testId="put-right"
              under={t('walk.put_right_under')}
              onClick={() => say('put_right')}
            >
              {t('walk.put_right')}
            </Button>
          ) : (
            <Button
              tone={state === undefined || state.outcome === 'open' ? 'jade' : 'plain'}
              disabled={busy || !inState}
              testId="stands"
              under={isStop ? t('lift.under') : undefined}
              onClick={isStop ? () => setLifting(true) : () => say('stands')}
            >
              {t('walk.stands')}
            </Button>
          )}
        </div>
      )}
      <LiftStopDrawer
        open={lifting}
        title={line.title}
        busy={busy}
        problem={problem}
        onClose={() => setLifting(false)}
        onLift={itStandsAfterAll}
      />
      <PutRightDrawer
        open={isAmiss}
        line={line}
        busy={busy}
        onClose={() => setIsAmiss(false)}
        onPutRight={() => say('put_right')}
        onAmiss={itIsAmiss}
      />
    </>
  );
}
