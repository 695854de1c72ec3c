import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate, useParams } from 'react-router';
import { whatToDo } from '../../api/problem';
import { longDate } from '../../app/figures';
import { Notice } from '../../app/Notice';
import { Page } from '../../app/Page';
import { useOutbox } from '../../offline/useOutbox';
import { NotTaken } from '../walk/decision/NotTaken';
import { ProblemWords } from '../../app/ProblemWords';
import { useSend } from '../walk/state/useSend';
import { usePost } from '../walk/state/useWalk';
import { useMe } from '../session/useSession';
import { Chapters } from './Chapters';
import { GiveOutDrawer, HandBackDrawer } from './HandoverDrawers';
import { LengthChoice } from './LengthChoice';
import { QuestionPage } from './QuestionPage';
import { lockTo } from './handoverLock';
import { useHandoverLock } from './useHandoverLock';
import { useTelling } from './useTelling';
import { useTurningKeys } from './useTurningKeys';
import { SignatureField, type SignatureProps } from './SignatureField';
import { StepPage } from './StepPage';
import { useBriefing } from './useBriefing';
import type { Briefing } from './withShownHere';
import type { Walk } from '../walk/state/types';
import './handover.css';

export default function HandoverPage() {
  const { t } = useTranslation();
  const { walkId = '' } = useParams();
  const briefing = useBriefing(walkId);
  if (briefing.isPending) {
    return <Notice words={t('state.fetching')} />;
  }
  if (briefing.briefing === undefined) {
    return (
      <Notice
        words={whatToDo(briefing.error, t('state.no_answer'))}
        act={t('state.try_again')}
        onAct={() => void briefing.refetch()}
      />
    );
  }

  const { hire_standing: standing, isReleasedHere, signed_at: signedAt } = briefing.briefing;
  // Whichever of the two was read last knows of a release that was just taken.
  const isReleased =
    [standing, briefing.walk?.state.hire_standing].some((one) => one === 'ready' || one === 'out') ||
    isReleasedHere ||
    signedAt !== null;

  // What was shown under a release that the yard then refused is shown again.
  return (
    <Handover key={String(isReleased)} briefing={briefing.briefing} walk={briefing.walk} isReleased={isReleased} />
  );
}

/** The handover, held by the customer: one step fills the page; after the last one comes the signature. */
function Handover({
  briefing: whole,
  walk,
  isReleased,
}: {
  briefing: Briefing;
  walk: Walk | undefined;
  isReleased: boolean;
}) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const telling = useTelling(whole);
  const { briefing, at, step, shown, question } = telling;
  const post = usePost(whole.walk_id);
  const { busy, problem: notSigned, send } = useSend();
  const problem = telling.problem ?? notSigned;
  const { refused } = useOutbox();
  const me = useMe();
  const lock = useHandoverLock(me.id);
  const [isComingBack, setIsComingBack] = useState(false);
  const [isBack, setIsBack] = useState(false);
  useEffect(() => {
    // Not before the lock is off: until then every other page leads back here.
    if (isBack && lock === null) {
      void navigate('/');
    }
  }, [isBack, lock, navigate]);
  const isSigned = briefing.signed_at !== null;
  // What was signed before is a record: nobody is given the tablet to read it.
  const [wasSigned] = useState(isSigned);
  const mayTurn = !busy && isReleased;
  useTurningKeys({ onNext: () => mayTurn && telling.next(), onBack: () => !isSigned && telling.back() });

  return (
    <Page
      className="handover"
      title={t(titleOf(step, question), { machine: briefing.family.toLowerCase() })}
      sub={t('handover.sub', {
        number: briefing.fleet_number,
        maker: briefing.maker,
        model: briefing.model,
        until: longDate(briefing.comes_back_at),
      })}
      folio={t('walk.folio', { folio: briefing.folio })}
      leaf={t('handover.leaf')}
      notices={
        <>
          <NotTaken entries={refused.filter((one) => one.walkId === briefing.walk_id)} walk={walk} />
          {!isReleased && (
            <p className="key-stays" role="status" data-testid="not-released">
              {t('handover.not_released')}
            </p>
          )}
          {briefing.isReleasedHere && (
            <p className="key-stays" role="status" data-testid="key-stays">
              {t('handover.key_stays')}
            </p>
          )}
        </>
      }
      right={
        <button
          type="button"
          data-testid="hand-back"
          onClick={() => (lock ? setIsComingBack(true) : void navigate('/'))}
        >
          {t('handover.back_to_yard')}
        </button>
      }
    >
      <GiveOutDrawer
        isOpen={lock === null && !wasSigned && !isBack && isReleased}
        onClose={() => void navigate(`/walks/${briefing.walk_id}`)}
        onPin={(pin) => void lockTo(briefing.walk_id, me.id, pin)}
      />
      {lock && (
        <HandBackDrawer
          lock={lock}
          isOpen={isComingBack}
          onClose={() => setIsComingBack(false)}
          onOpened={() => setIsBack(true)}
        />
      )}
      <div className="handover-way">
        {!isSigned && <LengthChoice briefing={whole} length={telling.length} onLength={telling.choose} />}
        <Chapters steps={briefing.steps} at={at} shown={shown} onGo={telling.goTo} />
      </div>
      <Leaf
        telling={telling}
        busy={busy || !isReleased}
        onSign={(name, signature, gates) =>
          void send(() => post('handover.signed', { name, signature, gates, length: telling.length }))
        }
      />
      <footer className="handover-foot">
        <button type="button" className="handover-back" disabled={at === 0 || isSigned} onClick={telling.back}>
          {t('act.back')}
        </button>
        <div className="handover-problem">
          <ProblemWords problem={problem} />
          {problem === null && (
            <p>
              {t('handover.shown', {
                shown: briefing.steps.filter(({ id }) => shown.has(id)).length,
                all: briefing.steps.length,
              })}
            </p>
          )}
        </div>
        {step !== undefined ? (
          <button
            type="button"
            className="handover-next"
            disabled={!mayTurn}
            data-testid="next-step"
            onClick={telling.next}
          >
            {t('handover.next')}
            <small>
              {briefing.steps[at + 1] === undefined
                ? t('handover.then_sign')
                : t('handover.then', { name: briefing.steps[at + 1]?.name })}
            </small>
          </button>
        ) : (
          <div className="handover-caution">{t('handover.caution')}</div>
        )}
      </footer>
    </Page>
  );
}

interface LeafProps {
  telling: ReturnType<typeof useTelling>;
  busy: boolean;
  onSign: SignatureProps['onSign'];
}

/** A step; behind the last one a question, as long as one is left; then the signature. */
function Leaf({ telling, busy, onSign }: LeafProps) {
  const { briefing, step, question } = telling;
  if (step !== undefined) {
    return <StepPage key={step.id} briefing={briefing} step={step} />;
  }
  if (question !== undefined) {
    return (
      <QuestionPage
        key={question.id}
        question={question}
        left={telling.questionsLeft}
        onAnswer={(form, said) => telling.answer(question.id, form, said)}
        onGo={() => telling.pass(question.id)}
      />
    );
  }

  return <SignatureField briefing={briefing} busy={busy} onSign={onSign} />;
}

function titleOf(step: Briefing['steps'][number] | undefined, question: unknown): string {
  if (step !== undefined) {
    return `handover.${step.kind}`;
  }

  return question === undefined ? 'handover.sign_title' : 'handover.ask_title';
}
