import { useEffect, useEffectEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { TranslationNote } from '../../../app/TranslationNote';
import { Button } from '../../../app/Button';
import { HoldButton } from '../../../app/HoldButton';
import { clock } from '../../../app/figures';
import { useElapsed } from '../../../app/useElapsed';
import { usePersistentState } from '../../../app/usePersistentState';
import { Mark } from '../../../marks/Mark';
import { usePeople } from '../../people/usePeople';
import { useMe, useSession } from '../../session/useSession';
import { inTheWay } from '../state/inTheWay';
import type { PendingAnswers } from '../state/pendingAnswers';
import { GiveBackButton } from '../strip/GiveBackButton';
import { askedOf } from './askedOf';
import { SecondPerson, sealedBy, StillStandsBy, type Second } from './SecondPerson';
import { ProblemWords } from '../../../app/ProblemWords';
import { useSend } from '../state/useSend';
import type { Post } from '../state/useWalk';
import type { Stage, Walk } from '../state/types';

interface Props {
  walk: Walk;
  stage: Stage;
  /** Lines that were answered on this tablet and are on their way. */
  pending: PendingAnswers;
  post: Post;
  onCrossed: () => void;
  onCancel?: () => void;
  onGivenBack: () => void;
  onGoLine: (key: string) => void;
}

/** Crossing into another machine state stops the walk: what must be true now, one line each, each touched in turn. */
export function CrossingSheet({ walk, stage, pending, post, onCrossed, onCancel, onGivenBack, onGoLine }: Props) {
  const { t } = useTranslation();
  const me = useMe();
  const [confirmed, setConfirmed] = useState<string[]>([]);
  const [seen, setSeen] = useState<string[]>([]);
  const [chosen, setChosen] = usePersistentState<string | null>(`walk.second.1.${walk.id}`, null);
  const [usual, setUsual] = usePersistentState<string | null>(`second.1.${me.id}`, null);
  const people = usePeople().data?.people ?? [];
  // Whoever stood by last is named already; that they stand by now they confirm themselves.
  const isThere = (id: string | null) => people.some((one) => one.id === id && one.may_stand_by && id !== me.id);
  const second = chosen ?? (isThere(usual) ? usual : null);
  // Never kept: a secret is typed each time.
  const [secret, setSecret] = useState('');
  const [isOther, setIsOther] = useState(false);
  const [since] = useState(() => Date.now());
  const now = since + useElapsed(since) * 1000;
  const sealingKey = useSession().data?.sealing_key ?? '';
  const { busy, problem, send } = useSend();
  const lines = askedOf(stage, walk);
  const shut = walk.state.shut_stages.find((one) => one.stage === stage.id);
  const { lines: blocking, byEye } = inTheWay(walk, stage, pending);
  const titleOf = (key: string): string =>
    walk.plan.visits.flatMap((visit) => visit.lines).find((line) => line.key === key)?.title ?? key;
  // Lines about people, the area and what is proved dead are touched; the others are read and said by the held act.
  // They stand in the order in which they are done: nobody proves a machine dead before the ground is clear.
  const alone = lines.filter((line) => line.alone);
  const together = lines.filter((line) => !line.alone);
  const left = alone.length - confirmed.length + byEye.filter((key) => !seen.includes(key)).length;
  const choose = (by: Second) => {
    setChosen(by.person);
    setUsual(by.person);
    setSecret(by.secret);
  };
  const by: Second = { person: stage.asks_second_person ? second : null, secret };
  // Confirmed a while ago, on this walk and beside the same person; the yard says for how long that counts.
  const told = walk.state.standing_by ?? null;
  const isTold = told !== null && told.beside === me.id && Date.parse(told.until) > now && !isOther;
  const standing = stage.asks_second_person && isTold ? told : null;
  const cross = async (id: string) => ({
    stage: stage.id,
    confirmed: lines.map((line) => line.id),
    ...(standing === null
      ? await sealedBy(by, sealingKey, id)
      : { second: standing.person.id, second_from: standing.crossing }),
  });
  const isAlone = stage.asks_second_person && standing === null && (second === null || second === me.id);

  const isBarred = busy || left > 0 || isAlone || blocking.length > 0 || !me.may.walk;
  const under = left > 0 ? t('crossing.left', { count: left }) : t(isAlone ? 'crossing.name_second' : 'crossing.all');
  const goIn = () => void send(() => post('state.crossed', cross)).then((posted) => posted && onCrossed());

  return (
    <section className="crossing" aria-label={stage.title}>
      <header>
        <b>{stage.letter}</b>
        <div>
          <h2>{stage.title}</h2>
          <p>{stage.summary}</p>
        </div>
      </header>
      <TranslationNote />
      {walk.state.cooling?.stage === stage.id && (
        <p className="slab" data-testid="cooling">
          {t('crossing.cooling', { time: clock(walk.state.cooling.until) })}
        </p>
      )}
      {blocking.length > 0 ? (
        <div className="crossing-blocked">
          <p className="slab">{t(shut !== undefined ? 'crossing.shut' : 'crossing.blocked')}</p>
          <ul>
            {blocking.map((key) => (
              <li key={key}>
                <button type="button" onClick={() => onGoLine(key)}>
                  <Mark outcome={walk.state.lines.find((line) => line.key === key)?.outcome ?? 'open'} />
                  {titleOf(key)}
                </button>
              </li>
            ))}
          </ul>
        </div>
      ) : (
        <ol className="crossing-lines">
          {byEye.map((key) => (
            <CrossingLine
              key={key}
              line={{
                id: key,
                text: t('crossing.by_eye', { title: titleOf(key) }),
                why: t('crossing.by_eye_why'),
                wait_seconds: 0,
                alone: true,
              }}
              number={0}
              isConfirmed={seen.includes(key)}
              isNext={key === byEye.find((one) => !seen.includes(one))}
              onTouch={() => setSeen((now) => (now.includes(key) ? now.filter((one) => one !== key) : [...now, key]))}
            />
          ))}
          {lines.map((line, at) =>
            line.alone ? (
              <CrossingLine
                key={line.id}
                line={line}
                number={at + 1}
                isConfirmed={confirmed.includes(line.id)}
                isNext={
                  byEye.every((key) => seen.includes(key)) &&
                  line.id === alone.find((one) => !confirmed.includes(one.id))?.id
                }
                onTouch={() =>
                  setConfirmed((before) =>
                    before.includes(line.id) ? before.filter((id) => id !== line.id) : [...before, line.id],
                  )
                }
              />
            ) : (
              <li key={line.id} className="crossing-said" data-testid={`said-${line.id}`}>
                <i>{at + 1}</i>
                <span>
                  <b>{line.text}</b>
                  <small>{line.why}</small>
                </span>
              </li>
            ),
          )}
        </ol>
      )}
      {stage.asks_second_person && blocking.length === 0 && standing === null && (
        <SecondPerson second={{ person: second, secret }} onSecond={choose} />
      )}
      {standing !== null && blocking.length === 0 && (
        <StillStandsBy standing={standing} onOther={() => setIsOther(true)} />
      )}
      <ProblemWords problem={problem} />
      <footer>
        {onCancel !== undefined && <Button onClick={onCancel}>{t('act.back')}</Button>}
        {walk.state.may_be_given_back && pending.size === 0 && me.may.walk && (
          <GiveBackButton post={post} onGivenBack={onGivenBack} />
        )}
        {together.length > 0 ? (
          <HoldButton
            testId="confirm-state"
            disabled={isBarred}
            under={left > 0 || isAlone ? under : t('crossing.hold', { count: together.length })}
            onHeld={goIn}
          >
            {t('crossing.confirm', { state: stage.title })}
          </HoldButton>
        ) : (
          <Button tone="jade" testId="confirm-state" disabled={isBarred} under={under} onClick={goIn}>
            {t('crossing.confirm', { state: stage.title })}
          </Button>
        )}
      </footer>
    </section>
  );
}

interface LineProps {
  line: Stage['lines'][number];
  number: number;
  isConfirmed: boolean;
  isNext: boolean;
  onTouch: () => void;
}

/**
 * One thing that must be true. Where time matters, the first touch starts the clock: when that has run the line is
 * confirmed, and a touch before it says that the time was kept already.
 */
function CrossingLine({ line, number, isConfirmed, isNext, onTouch }: LineProps) {
  const { t } = useTranslation();
  const [startedAt, setStartedAt] = useState<number | null>(null);
  const left = Math.max(0, line.wait_seconds - useElapsed(startedAt));
  const hasRun = startedAt !== null && left === 0;
  const confirm = useEffectEvent(onTouch);
  useEffect(() => {
    if (hasRun) {
      confirm();
    }
  }, [hasRun]);
  const touch = () => {
    if (line.wait_seconds > 0 && startedAt === null && !isConfirmed) {
      setStartedAt(Date.now());
    } else {
      setStartedAt(null);
      onTouch();
    }
  };

  return (
    <li>
      <button
        type="button"
        className={`crossing-line ${isConfirmed ? 'confirmed' : ''} ${isNext ? 'next' : ''}`}
        aria-pressed={isConfirmed}
        data-testid={`confirm-${line.id}`}
        onClick={touch}
      >
        <i>
          {isConfirmed || number <= 0 ? <Mark outcome={isConfirmed ? 'stands' : 'open'} size={32} /> : number}
        </i>
        <span>
          <b>{line.text}</b>
          <small>{line.why}</small>
        </span>
        {line.wait_seconds > 0 && !isConfirmed && (
          <em>
            {startedAt === null && t('crossing.wait', { count: line.wait_seconds })}
            {startedAt !== null && (left > 0 ? `${left} s` : t('crossing.waited'))}
          </em>
        )}
      </button>
    </li>
  );
}
