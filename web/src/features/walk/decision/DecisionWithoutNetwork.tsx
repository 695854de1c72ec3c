import { useTranslation } from 'react-i18next';
import { HoldButton } from '../../../app/HoldButton';
import { clock } from '../../../app/figures';
import { Mark } from '../../../marks/Mark';
import { Stamp } from '../../../marks/Stamp';
import { useMe } from '../../session/useSession';
import { ProblemWords } from '../../../app/ProblemWords';
import { TagIt } from './TagIt';
import { UnreadLines } from './UnreadLines';
import { useSend } from '../state/useSend';
import { nameOfLine } from '../state/nameOfLine';
import type { Post } from '../state/useWalk';
import type { Walk } from '../state/types';
import type { KnownHere } from '../state/withoutNetwork';

interface Props {
  walk: Walk;
  known: KnownHere;
  post: Post;
  mayPost: boolean;
  onGoLine: (key: string) => void;
}

/**
 * The decision with no network: the yard makes it when it has the lines, and until then the key stays. What can be
 * done here
 * is to put one's name to what this tablet knows, or to hang a tag.
 */
export function DecisionWithoutNetwork({ walk, known, post, mayPost, onGoLine }: Props) {
  const { t } = useTranslation();
  const me = useMe();
  const { busy, problem, send } = useSend();
  const { decided, may } = known;
  const worst = [...known.lines]
    .sort((a, b) => gravity(b.outcome) - gravity(a.outcome))
    .find(({ outcome }) => outcome !== 'open');
  const decide = (decision: 'released' | 'held') =>
    void send(() => post('release.decided', { decision, conditions: [] }));

  return (
    <>
      <p className="slab" data-testid="without-network">
        {t('decision.without_network')}
      </p>
      {decided !== null ? (
        <Stamp
          tone="ink"
          top={`${walk.machine.fleet_number} ${walk.machine.describes}`}
          word={t(`decision.signed.${decided.decision}`)}
          reason={decided.reason === '' ? t('decision.yard_answers') : decided.reason}
          foot={`${clock(decided.at)}, ${me.name}`}
        />
      ) : (
        <p className="decision-now" data-testid="known-here" data-may={may}>
          <Mark outcome={({ tag: 'stop', hold: 'attend', release: 'stands' } as const)[may]} size={32} />
          {t(`decision.known.${may}`)}
        </p>
      )}
      <GroundsHere walk={walk} known={known} onGoLine={onGoLine} />
      <ProblemWords problem={problem} />
      {mayPost && decided === null && may === 'release' && (
        <div className="decision-acts">
          <HoldButton
            disabled={busy}
            testId="release"
            under={t('decision.key_stays')}
            onHeld={() => decide('released')}
          >
            {t('decision.sign_release', { number: walk.machine.fleet_number })}
          </HoldButton>
        </div>
      )}
      {mayPost && decided === null && may === 'hold' && (
        <div className="decision-acts">
          <HoldButton
            tone="ink"
            disabled={busy}
            testId="hold-machine"
            under={t('act.hold')}
            onHeld={() => decide('held')}
          >
            {t('decision.hold_it')}
          </HoldButton>
        </div>
      )}
      {mayPost && walk.state.tag === null && decided?.decision !== 'tagged_out' && (
        <TagIt
          worst={
            worst === undefined
              ? undefined
              : { reference: worst.line.key, words: `${nameOfLine(walk, worst.line)}. ${worst.line.if_not}` }
          }
          isOpen={may === 'tag'}
          busy={busy}
          onTag={(tag) => void send(() => post('tag.hung', tag))}
        />
      )}
    </>
  );
}

const gravity = (outcome: string): number => ['open', 'stands', 'attend', 'stop'].indexOf(outcome);

/** What keeps the machine here, and what nobody can say before the yard has it. */
function GroundsHere({ walk, known, onGoLine }: Pick<Props, 'walk' | 'known' | 'onGoLine'>) {
  const { t } = useTranslation();
  const found = known.lines
    .filter(({ outcome }) => outcome !== 'open')
    .sort((a, b) => gravity(b.outcome) - gravity(a.outcome));
  const unread = known.lines.filter(({ outcome }) => outcome === 'open');
  const row = ({ line, outcome, liftedBy }: KnownHere['lines'][number]) => (
    <li key={line.key} className={outcome === 'stop' ? 'ground-stop' : ''}>
      <button type="button" onClick={() => onGoLine(line.key)}>
        <Mark outcome={outcome} />
        <span>
          <b>{nameOfLine(walk, line)}</b>
          <small>{t(`lifted.${liftedBy}`)}</small>
        </span>
      </button>
    </li>
  );

  return (
    <>
      {found.length + known.findings.length > 0 && (
        <ul className="grounds">
          {found.map(row)}
          {known.findings.map(({ finding, liftedBy }) => (
            <li key={finding.id} className={finding.severity === 'stop' ? 'ground-stop' : ''}>
              <button type="button" disabled>
                <Mark outcome={finding.severity === 'stop' ? 'stop' : 'attend'} />
                <span>
                  <b>{`${finding.number}. ${finding.part}`}</b>
                  {finding.words}
                  <small>{t(`lifted.${liftedBy}`)}</small>
                </span>
              </button>
            </li>
          ))}
        </ul>
      )}
      <UnreadLines count={unread.length}>
        <ul className="grounds">{unread.map(row)}</ul>
      </UnreadLines>
      {known.notJudged.length > 0 && (
        <div className="not-judged">
          <p>{t('decision.not_judged', { count: known.notJudged.length })}</p>
          <ul>
            {known.notJudged.map((line) => (
              <li key={line.key}>{line.title}</li>
            ))}
          </ul>
        </div>
      )}
      {known.notGraded > 0 && <p>{t('decision.not_graded', { count: known.notGraded })}</p>}
    </>
  );
}
