import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate, useParams } from 'react-router';
import { problemOf, whatToDo, type Problem } from '../../api/problem';
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
import { firstOpen, told, type Length } from './told';
import { lockTo } from './handoverLock';
import { useHandoverLock } from './useHandoverLock';
import { SignatureField } from './SignatureField';
import { StepPage } from './StepPage';
import { useBriefing } from './useBriefing';
import type { Briefing } from './withShownHere';
import type { Walk } from '../walk/state/types';
import './handover.css';

/** The number of the right answer of every question. */
const RIGHT = 0;

export default function HandoverPage() {
  const { t } = useTranslation();
  const { walkId = '' } = useParams();
  const briefing = useBriefing(walkId);
  if (briefing.isPending) {
    return <Notice words={t('state.fetching')} />;
  }
  if (briefing.briefing === undefined) {
    return <Notice words={whatToDo(briefing.error, t('state.no_answer'))} act={t('state.try_again')} onAct={() => void briefing.refetch()} />;
  }

  const { hire_standing: standing, isReleasedHere, signed_at: signedAt } = briefing.briefing;
  // Whichever of the two was read last knows of a release that was just taken.
  const isReleased = [standing, briefing.walk?.state.hire_standing].some((one) => one === 'ready' || one === 'out') || isReleasedHere || signedAt !== null;

  // What was shown under a release that the yard then refused is shown again.
  return <Handover key={String(isReleased)} briefing={briefing.briefing} walk={briefing.walk} isReleased={isReleased} />;
}

/** The handover, held by the customer: one step fills the page; after the last one comes the signature. */
function Handover({ briefing: whole, walk, isReleased }: { briefing: Briefing; walk: Walk | undefined; isReleased: boolean }) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const [length, setLength] = useState<Length>('full');
  const briefing = told(whole, length);
  const post = usePost(briefing.walk_id);
  const { busy, problem: notSigned, send } = useSend();
  const [notShown, setNotShown] = useState<Problem | null>(null);
  const problem = notShown ?? notSigned;
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
  const [shown, setShown] = useState(() => new Set(briefing.steps_shown));
  const [at, setAt] = useState(() => firstOpen(briefing.steps, shown));
  const step = briefing.steps[at];
  const [answers, setAnswers] = useState<Record<string, number>>(briefing.answers ?? {});
  const [passed, setPassed] = useState(() => new Set(Object.keys(answers).filter((id) => answers[id] === RIGHT)));
  // A briefing that a tablet kept from before asks nothing back.
  const open = (briefing.questions ?? []).filter(({ id }) => !passed.has(id));
  const question = step === undefined && !isSigned ? open[0] : undefined;
  // What was signed before is a record: nobody is given the tablet to read it.
  const [wasSigned] = useState(isSigned);
  const kind = step?.kind ?? 'shutdown';
  // The page turns at once: with a poor network nobody waits for the yard. What it refuses brings the step back.
  const next = (id: string) => {
    setNotShown(null);
    setAt(at + 1);
    if (!shown.has(id)) {
      setShown((before) => new Set(before).add(id));
      post('handover.step_shown', { step: id }).catch((error: unknown) => {
        setNotShown(problemOf(error, t('state.no_network')));
        setShown((before) => new Set([...before].filter((one) => one !== id)));
        setAt(at);
      });
    }
  };

  const answerBack = (id: string, form: number, answer: number) => {
    setNotShown(null);
    post('handover.answered', { question: id, form, answer }).catch((error: unknown) => {
      setNotShown(problemOf(error, t('state.no_network')));
      setPassed((before) => new Set([...before].filter((one) => one !== id)));
    });
  };

  return (
    <Page
      className="handover"
      title={step === undefined ? t(question === undefined ? 'handover.sign_title' : 'handover.ask_title') : t(`handover.${kind}`, { machine: briefing.family.toLowerCase() })}
      sub={t('handover.sub', { number: briefing.fleet_number, maker: briefing.maker, model: briefing.model, until: longDate(briefing.comes_back_at) })}
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
        <button type="button" data-testid="hand-back" onClick={() => (lock ? setIsComingBack(true) : void navigate('/'))}>
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
        <HandBackDrawer lock={lock} isOpen={isComingBack} onClose={() => setIsComingBack(false)} onOpened={() => setIsBack(true)} />
      )}
      <div className="handover-way">
        {!isSigned && (
          <LengthChoice
            briefing={whole}
            length={length}
            onLength={(chosen) => {
              setLength(chosen);
              setAt(firstOpen(told(whole, chosen).steps, shown));
            }}
          />
        )}
        <Chapters steps={briefing.steps} at={at} shown={shown} onGo={setAt} />
      </div>
      {step !== undefined ? (
        <StepPage key={step.id} briefing={briefing} step={step} />
      ) : question !== undefined ? (
        <QuestionPage
          key={question.id}
          question={question}
          left={open.length}
          onAnswer={(form, answer) => {
            setAnswers({ ...answers, [question.id]: answer });
            answerBack(question.id, form, answer);
          }}
          onGo={() => setPassed(new Set(passed).add(question.id))}
        />
      ) : (
        <SignatureField
          briefing={briefing}
          busy={busy || !isReleased}
          onSign={(name, signature, gates) => void send(() => post('handover.signed', { name, signature, gates, length }))}
        />
      )}
      <footer className="handover-foot">
        <button type="button" className="handover-back" disabled={at === 0 || isSigned} onClick={() => setAt(at - 1)}>
          {t('act.back')}
        </button>
        <div className="handover-problem">
          <ProblemWords problem={problem} />
          {problem === null && <p>{t('handover.shown', {
              shown: briefing.steps.filter(({ id }) => shown.has(id)).length,
              all: briefing.steps.length,
            })}</p>}
        </div>
        {step !== undefined ? (
          <button
            type="button"
            className="handover-next"
            disabled={busy || !isReleased}
            data-testid="next-step"
            onClick={() => next(step.id)}
          >
            {t('handover.next')}
            <small>{briefing.steps[at + 1] === undefined ? t('handover.then_sign') : t('handover.then', { name: briefing.steps[at + 1]?.name })}</small>
          </button>
        ) : (
          <div className="handover-caution">{t('handover.caution')}</div>
        )}
      </footer>
    </Page>
  );
}
