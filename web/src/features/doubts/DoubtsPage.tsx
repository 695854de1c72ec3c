import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { problemOf, whatToDo } from '../../api/problem';
import { shortDate } from '../../app/figures';
import { HoldButton } from '../../app/HoldButton';
import { Notice } from '../../app/Notice';
import { Page } from '../../app/Page';
import { ProblemWords } from '../../app/ProblemWords';
import { MyName } from '../session/MyName';
import { useMe } from '../session/useSession';
import { OfFit } from './OfFit';
import { useDoubts, useSettleDoubt, type DoubtfulWalk } from './useDoubts';
import './doubts.css';

/** What was entered and is not believed without a look: the lead takes it, or sets it aside. Both stay legible. */
export default function DoubtsPage() {
  const { t } = useTranslation();
  const me = useMe();
  const doubts = useDoubts(me.may.lead);
  if (doubts.isPending && me.may.lead) {
    return <Notice words={t('state.fetching')} />;
  }
  if (doubts.data === undefined) {
    return (
      <Notice
        words={whatToDo(doubts.error, t('state.no_answer'))}
        act={t('state.try_again')}
        onAct={() => void doubts.refetch()}
      />
    );
  }
  const { walks, questions } = doubts.data;

  return (
    <Page
      title={t('doubts.title')}
      sub={t('doubts.sub')}
      leaf={t('doubts.title')}
      tabs
      className="doubts"
      right={<MyName />}
    >
      {walks.length === 0 && questions.length === 0 && <p>{t('doubts.none')}</p>}
      {walks.map((walk) => (
        <InDoubt key={`${walk.walk_id}${walk.person.id}`} walk={walk} />
      ))}
      {questions.length > 0 && (
        <header className="fit-questions">
          <h2>{t('doubts.questions')}</h2>
          <p>{t('doubts.questions_sub')}</p>
        </header>
      )}
      {questions.map((question) => (
        <OfFit key={question.id} question={question} />
      ))}
    </Page>
  );
}

function InDoubt({ walk }: { walk: DoubtfulWalk }) {
  const { t } = useTranslation();
  const settle = useSettleDoubt();
  const [reason, setReason] = useState('');
  const isReady = reason.trim().length >= 3 && !settle.isPending;
  const say = (taken: boolean) => settle.mutate({ walk, taken, reason: reason.trim() });

  return (
    <section className="in-doubt" aria-label={walk.fleet_number}>
      <header>
        <h2>
          <Link to={`/walks/${walk.walk_id}`}>{walk.fleet_number}</Link>
        </h2>
        <p>{t('doubts.of', { name: walk.person.name, folio: walk.folio, count: walk.entries.length })}</p>
        {walk.doubts.map((why) => (
          <p key={why} className="slab">
            {why}
          </p>
        ))}
      </header>
      <ol>
        {walk.entries.map((entry) => (
          <li key={entry.id}>
            <time dateTime={entry.recorded_at}>
              {shortDate(entry.recorded_at)}
            </time>
            <b>{entry.title}</b> {entry.words}
          </li>
        ))}
      </ol>
      <TextField
        label={t('doubts.reason')}
        value={reason}
        fullWidth
        onChange={(event) => setReason(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 500, 'data-testid': 'doubt-reason' } }}
      />
      {settle.error !== null && <ProblemWords problem={problemOf(settle.error, t('state.no_network'))} />}
      <footer>
        <HoldButton tone="ink" disabled={!isReady} testId="set-aside" under={t('act.hold')} onHeld={() => say(false)}>
          {t('doubts.set_aside')}
        </HoldButton>
        <HoldButton disabled={!isReady} testId="take-doubtful" under={t('act.hold')} onHeld={() => say(true)}>
          {t('doubts.take')}
        </HoldButton>
      </footer>
    </section>
  );
}
