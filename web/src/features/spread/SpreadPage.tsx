import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useParams } from 'react-router';
import type { Schema } from '../../api/client';
import { problemOf, whatToDo } from '../../api/problem';
import { Button } from '../../app/Button';
import { HoldButton } from '../../app/HoldButton';
import { Notice } from '../../app/Notice';
import { Page } from '../../app/Page';
import { shortDate, money } from '../../app/figures';
import { Mark } from '../../marks/Mark';
import { Stamp } from '../../marks/Stamp';
import { DamagePlan } from '../../plans/DamagePlan';
import { SaidByHirer } from '../reports/SaidByHirer';
import { useMe } from '../session/useSession';
import { ProblemWords } from '../../app/ProblemWords';
import { useOpenWalk } from '../walk/state/useOpenWalk';
import { CountBackDrawer } from '../things/CountBackDrawer';
import { useSend } from '../walk/state/useSend';
import type { Post } from '../walk/state/useWalk';
import { DamageLedger } from './DamageLedger';
import { ExplainDrawer, type ToExplain } from './ExplainDrawer';
import { ReadingLedger } from './ReadingLedger';
import { usePostToSpread, useSpread } from './useSpread';
import './spread.css';

export default function SpreadPage() {
  const { t } = useTranslation();
  const { hireId = '' } = useParams();
  const spread = useSpread(hireId);
  if (spread.isPending) {
    return <Notice words={t('state.fetching')} />;
  }
  if (spread.data === undefined) {
    return (
      <Notice
        words={whatToDo(spread.error, t('state.no_answer'))}
        act={t('state.try_again')}
        onAct={() => void spread.refetch()}
      />
    );
  }

  return <SpreadOf spread={spread.data} />;
}

/** Out, In and Difference of one hire: readings at the left, damage at the right, and what is left to explain. */
function SpreadOf({ spread }: { spread: Schema['Spread'] }) {
  const { t } = useTranslation();
  const me = useMe();
  const post = usePostToSpread(spread.hire_id, spread.in_walk_id ?? spread.out_walk_id ?? '');
  const { busy, problem, send } = useSend();
  const opening = useOpenWalk();
  const [selected, setSelected] = useState<string | null>(null);
  const [explaining, setExplaining] = useState<ToExplain | null>(null);
  const mayExplain = me.may.settle && spread.standing === 'returned';
  const isCounted = (spread.things ?? []).every(({ handed, returned }) => (handed ?? 0) === 0 || returned !== null);
  const counting = <CountBack spread={spread} mayCount={me.may.walk || me.may.settle} post={post} />;

  const lastAct = () => {
    if (spread.standing === 'out' && me.may.walk) {
      return (
        <Button
          tone="jade"
          testId="open-return"
          disabled={opening.isPending}
          under={t('spread.early')}
          onClick={() => opening.mutate({ hireId: spread.hire_id, movement: 'return' })}
        >
          {t('spread.open_return')}
        </Button>
      );
    }
    if (spread.standing === 'closed') {
      return <div className="spread-closed">{t('spread.closed')}</div>;
    }

    return (
      <HoldButton
        tone={spread.may_be_closed ? 'jade' : 'ink'}
        disabled={busy || !spread.may_be_closed || !me.may.settle}
        testId="close-hire"
        under={spread.may_be_closed ? t('act.hold') : t('spread.left', { count: spread.unexplained.length })}
        onHeld={() => void send(() => post('hire.closed', {}))}
      >
        {t('spread.close')}
      </HoldButton>
    );
  };

  return (
    <Page
      className="spread"
      title={`${spread.machine.fleet_number} ${spread.machine.describes}`}
      sub={t('spread.sub', {
        maker: spread.machine.maker,
        model: spread.machine.model,
        customer: spread.customer,
        out: spread.out_at === null ? '–' : shortDate(spread.out_at),
        back: spread.in_at === null ? '–' : shortDate(spread.in_at),
      })}
      folio={t('walk.folio', { folio: spread.folio })}
      leaf={t('spread.leaf')}
      notices={<SaidByHirer hireId={spread.hire_id} />}
      right={
        <>
          <Link to={`/fleet/${spread.machine.id}`}>{t('spread.trail')}</Link>
          <Link to="/">{t('page.day')}</Link>
        </>
      }
    >
      <div className="spread-body">
        <ReadingLedger spread={spread} mayExplain={mayExplain} onExplain={setExplaining} />
        <section className="damage" aria-label={t('spread.damage')}>
          <div className="damage-plan">
            <DamagePlan
              name={spread.drawing}
              findings={spread.findings.map((line) => line.finding)}
              selected={selected}
              label={t('spread.damage')}
              onSelect={setSelected}
            />
          </div>
          <DamageLedger
            spread={spread}
            selected={selected}
            mayExplain={mayExplain}
            onSelect={setSelected}
            onExplain={setExplaining}
          />
        </section>
      </div>
      <footer className="spread-foot">
        <section>
          <h3>{t('spread.to_explain')}</h3>
          {!isCounted && counting}
          <ToExplainList spread={spread} mayExplain={mayExplain} onExplain={setExplaining} />
          {isCounted && counting}
          {spread.charged.length > 0 && (
            <p className="spread-charged" data-testid="charged">
              {t('spread.charged')} <b>{spread.charged.map(money).join(' + ')}</b>
            </p>
          )}
        </section>
        <section>
          <h3>{t('spread.to_service')}</h3>
          {spread.to_service.length === 0 && <p>{t('spread.nothing_to_service')}</p>}
          {spread.to_service.slice(0, 4).map((line) => (
            <p key={line.title} className="service-line">
              <Mark outcome={line.outcome} size={20} />
              <span>
                <b>{line.title}.</b> {line.words}
              </span>
            </p>
          ))}
        </section>
        <div className="spread-stamp">
          <SpreadStamp spread={spread} />
          <ProblemWords
            problem={problem ?? (opening.error === null ? null : problemOf(opening.error, t('state.no_network')))}
          />
        </div>
        {lastAct()}
      </footer>
      {explaining !== null && <ExplainDrawer line={explaining} post={post} onClose={() => setExplaining(null)} />}
    </Page>
  );
}

interface CountBackProps {
  spread: Schema['Spread'];
  mayCount: boolean;
  post: Post;
}

/** What went along is counted back from when the machine is walked in until the hire is closed. */
function CountBack({ spread, mayCount, post }: CountBackProps) {
  const { t } = useTranslation();
  const [isCounting, setIsCounting] = useState(false);
  // A spread that a tablet kept from before knows of none.
  const things = spread.things ?? [];
  const went = things.filter(({ handed }) => (handed ?? 0) > 0);
  const isHere = spread.standing === 'walking_in' || spread.standing === 'returned';
  if (went.length === 0 || !isHere || !mayCount) {
    return null;
  }

  return (
    <>
      <Button
        testId="count-back"
        tone={went.some(({ returned }) => returned === null) ? 'ink' : undefined}
        under={went.map(({ handed, name }) => `${handed} × ${name}`).join('; ')}
        onClick={() => setIsCounting(true)}
      >
        {t('things.count_back')}
      </Button>
      {isCounting && <CountBackDrawer things={things} post={post} onClose={() => setIsCounting(false)} />}
    </>
  );
}

interface ListProps {
  spread: Schema['Spread'];
  mayExplain: boolean;
  onExplain: (line: ToExplain) => void;
}

function ToExplainList({ spread, mayExplain, onExplain }: ListProps) {
  const { t } = useTranslation();
  const lines: ToExplain[] = [
    ...spread.readings.map((line) => ({ key: line.key, title: line.name, words: line.words })),
    ...spread.findings.map((line) => ({
      key: line.finding.id,
      title: `${line.finding.number} ${line.finding.part}`,
      words: t(`balance.${line.balance}`),
    })),
  ].filter((line) => spread.unexplained.includes(line.key));
  if (spread.in_walk_id === null || spread.standing === 'walking_in') {
    return <p>{t('spread.not_yet')}</p>;
  }
  if (lines.length === 0) {
    return (
      <p className="service-line">
        <Mark outcome="stands" size={20} />
        <span>{t('spread.balances')}</span>
      </p>
    );
  }

  return (
    <ul className="explain-list">
      {lines.map((line) => (
        <li key={line.key}>
          <button type="button" disabled={!mayExplain} data-testid="explain" onClick={() => onExplain(line)}>
            <Mark outcome="open" size={20} />
            <span>
              <b>{line.title}.</b> {line.words}
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}

function SpreadStamp({ spread }: { spread: Schema['Spread'] }) {
  const { t } = useTranslation();
  if (spread.tag !== null) {
    return (
      <Stamp
        tone="oxide"
        top={t('tag.top', { number: spread.tag.number })}
        word={t('decision.tagged_out')}
        reason={spread.tag.reason}
        foot={`${shortDate(spread.tag.hung_at)}, ${spread.tag.hung_by.name}`}
      />
    );
  }
  if (spread.closed_at !== null) {
    return <Stamp tone="ink" top={spread.customer} word={t('spread.settled')} foot={shortDate(spread.closed_at)} />;
  }
  if (spread.decision !== null) {
    return (
      <Stamp
        tone={spread.decision === 'held' ? 'ink' : 'jade'}
        top={`${spread.machine.fleet_number} ${spread.machine.describes}`}
        word={t(`decision.${spread.decision}`)}
        foot={spread.in_by?.name ?? ''}
      />
    );
  }

  return <p className="spread-open">{t(spread.in_walk_id === null ? 'spread.still_out' : 'spread.walk_open')}</p>;
}
