import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate } from 'react-router';
import { answer, api, type Schema } from '../../../api/client';
import { ProblemError, whatToDo } from '../../../api/problem';
import { Button } from '../../../app/Button';
import { HoldButton } from '../../../app/HoldButton';
import { Drawer } from '../../../app/Drawer';
import { Mark } from '../../../marks/Mark';
import { Stamp } from '../../../marks/Stamp';
import { clock, calendarDay, shortDate } from '../../../app/figures';
import { useMe } from '../../session/useSession';
import { DecisionWithoutNetwork } from './DecisionWithoutNetwork';
import { GoneNotReleased } from './GoneNotReleased';
import { Grounds } from './Grounds';
import { ProblemWords } from '../../../app/ProblemWords';
import { RepairPart } from '../finding/RepairPart';
import { TagIt } from './TagIt';
import { GiveBackButton } from '../strip/GiveBackButton';
import { useSend } from '../state/useSend';
import type { Post } from '../state/useWalk';
import type { Walk } from '../state/types';
import type { KnownHere } from '../state/withoutNetwork';

interface Props {
  walk: Walk;
  /** What this tablet knows, for when the yard is out of reach. */
  known: KnownHere;
  open: boolean;
  post: Post;
  mayPost: boolean;
  onClose: () => void;
  onGivenBack: () => void;
  onGoLine: (key: string) => void;
}

/** Whether it may go: what forbids it, and what would lift each. The core decides; a person puts their name to it. */
export function DecisionDrawer({ walk, known, open, post, mayPost, onClose, onGivenBack, onGoLine }: Props) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const me = useMe();
  const { busy: isSending, problem, send } = useSend();
  const [conditions, setConditions] = useState<Record<string, string>>({});
  const release = useQuery({
    queryKey: ['release', walk.id, walk.state],
    enabled: open,
    // What is being typed stays where it is while the decision is computed again.
    placeholderData: keepPreviousData,
    queryFn: () => answer(api.GET('/api/walks/{walk}/release', { params: { path: { walk: walk.id } } })),
  });
  const busy = isSending || release.isPlaceholderData;
  const isOutOfReach = release.isError && !(release.error instanceof ProblemError);
  // What is still on its way would make another decision of it.
  const isOnTheWay = !isOutOfReach && known.onTheWay > 0;
  const data = isOutOfReach || isOnTheWay ? undefined : release.data;
  const decide = (decision: 'released' | 'released_with_conditions' | 'held') =>
    void send(() =>
      post('release.decided', {
        decision,
        conditions: Object.entries(conditions)
          .filter(([, words]) => words.trim() !== '')
          .map(([reference, words]) => ({ reference, words: words.trim() })),
      }),
    );
  const isOut = walk.plan.movement === 'checkout';
  const decided = data?.decided ?? null;
  const now = isOutOfReach ? known.decided : decided;
  const mayGoOn =
    now !== null &&
    (isOut ? now.decision === 'released' || now.decision === 'released_with_conditions' : !isOutOfReach);

  return (
    <Drawer
      open={open}
      title={t('decision.title')}
      onClose={onClose}
      foot={
        mayGoOn ? (
          <Button
            tone="jade"
            testId="onwards"
            onClick={() => void navigate(isOut ? `/walks/${walk.id}/handover` : `/hires/${walk.hire_id}/spread`)}
          >
            {t(isOut ? 'decision.to_handover' : 'decision.to_spread')}
          </Button>
        ) : undefined
      }
    >
      {release.isPending && !isOnTheWay && <p>{t('state.fetching')}</p>}
      {isOnTheWay && (
        <p role="status" data-testid="on-the-way">
          {t('decision.on_the_way', { count: known.onTheWay })}
        </p>
      )}
      {release.isError && !isOutOfReach && <p role="status">{whatToDo(release.error, t('state.no_answer'))}</p>}
      {isOutOfReach && (
        <DecisionWithoutNetwork walk={walk} known={known} post={post} mayPost={mayPost} onGoLine={onGoLine} />
      )}
      {data !== undefined && walk.state.hire_standing === 'gone' && <GoneNotReleased post={post} />}
      {data !== undefined && walk.state.hire_standing !== 'gone' && (
        <>
          <HowItStands walk={walk} data={data} isComputing={release.isPlaceholderData} />
          {data.voided !== null && <VoidedRelease voided={data.voided} />}
          {data.tag === null && data.good_until !== null && decided?.decision !== 'held' && (
            <p data-testid="good-until">{t('decision.good_until', { date: calendarDay(data.good_until) })}</p>
          )}
          {data.tag !== null && (
            <RepairPart
              walk={walk}
              data={data}
              isComputing={release.isPlaceholderData}
              post={post}
              mayPost={mayPost}
              onGoLine={onGoLine}
            />
          )}
          <Grounds
            grounds={data.grounds}
            conditions={conditions}
            mayLead={me.may.lead && mayPost && data.may_be_released_with_conditions}
            onConditions={setConditions}
            onGoLine={onGoLine}
          />
          <ProblemWords problem={problem} />
          {mayPost && data.tag === null && (
            <div className="decision-acts">
              {data.decision === 'released' && decided?.decision !== 'released' && (
                <HoldButton disabled={busy} testId="release" under={t('act.hold')} onHeld={() => decide('released')}>
                  {t('decision.release', { number: walk.machine.fleet_number })}
                </HoldButton>
              )}
              {data.may_be_released_with_conditions && me.may.lead && (
                <HoldButton
                  disabled={busy}
                  testId="release-conditions"
                  under={t('act.hold')}
                  onHeld={() => decide('released_with_conditions')}
                >
                  {t('decision.release_conditions')}
                </HoldButton>
              )}
              {data.decision === 'held' && decided?.decision !== 'held' && (
                <HoldButton
                  tone="ink"
                  disabled={busy}
                  testId="hold-machine"
                  under={t('act.hold')}
                  onHeld={() => decide('held')}
                >
                  {t('decision.hold_it')}
                </HoldButton>
              )}
            </div>
          )}
          {mayPost && walk.state.may_be_given_back && known.onTheWay === 0 && (
            <GiveBackButton post={post} onGivenBack={onGivenBack} />
          )}
          {mayPost && data.tag === null && (
            <TagIt
              worst={worstOf(data)}
              isOpen={data.decision === 'tagged_out'}
              busy={busy}
              onTag={(tag) => void send(() => post('tag.hung', tag))}
            />
          )}
        </>
      )}
    </Drawer>
  );
}

type Release = Schema['Release'];

/** The tag that hangs, the decision that was made, or the one that the lines come to now. */
function HowItStands({ walk, data, isComputing }: { walk: Walk; data: Release; isComputing: boolean }) {
  const { t } = useTranslation();
  const decided = data.decided;
  if (data.tag !== null) {
    return (
      <>
        <Stamp
          tone="oxide"
          top={t('tag.top', { number: data.tag.number })}
          word={t('decision.tagged_out')}
          reason={data.tag.reason}
          foot={`${shortDate(data.tag.hung_at)}, ${data.tag.hung_by.name}`}
        />
        <p>{data.tag.keys_at === null ? t('tag.keys_unknown') : t('tag.keys_are', { where: data.tag.keys_at })}</p>
        <Button href={`/api/tags/${data.tag.id}/label`} opensTab testId="print-tag">
          {t('tag.print')}
        </Button>
      </>
    );
  }
  if (decided !== null) {
    return (
      <Stamp
        tone={decided.decision === 'held' ? 'ink' : 'jade'}
        top={`${walk.machine.fleet_number} ${walk.machine.describes}`}
        word={t(`decision.${decided.decision}`)}
        reason={decided.conditions.map((condition) => condition.words).join(' ')}
        foot={`${shortDate(decided.at)}, ${decided.by.name}`}
      />
    );
  }

  if (isComputing) {
    // What it came to before the last answer is no decision.
    return <p role="status">{t('state.fetching')}</p>;
  }

  return (
    <p className="decision-now" data-testid="computed" data-decision={data.decision}>
      <Mark outcome={markOf(data.decision)} size={32} />
      {t(`decision.now.${data.decision}`)}
    </p>
  );
}

/** Somebody released it, and what was entered later keeps it here. */
function VoidedRelease({ voided }: { voided: Schema['VoidedRelease'] }) {
  const { t } = useTranslation();

  return (
    <p className="slab" role="status" data-testid="voided">
      <b>{t('decision.voided')}</b>{' '}
      {t('decision.voided_by', { words: voided.words, name: voided.by.name, time: clock(voided.at) })}
    </p>
  );
}

const markOf = (decision: Release['decision']): Schema['Outcome'] =>
  ({ tagged_out: 'stop', held: 'attend', released_with_conditions: 'stands', released: 'stands' } as const)[decision];

/** What a tag is proposed for: the gravest ground. */
function worstOf(data: Release): { reference: string; words: string } | undefined {
  const worst =
    data.grounds.find((ground) => ground.outcome === 'stop') ??
    data.grounds.find((ground) => ground.outcome === 'attend');

  return worst === undefined
    ? undefined
    : { reference: worst.reference, words: worst.words === '' ? worst.title : `${worst.title}: ${worst.words}` };
}
