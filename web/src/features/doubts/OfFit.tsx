import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { problemOf } from '../../api/problem';
import { shortDate } from '../../app/figures';
import { HoldButton } from '../../app/HoldButton';
import { ProblemWords } from '../../app/ProblemWords';
import { useSettleFit, type FitQuestion } from './useDoubts';

/** Somebody says that a machine has no such part: its model is changed, or the line is asked again. */
export function OfFit({ question }: { question: FitQuestion }) {
  const { t } = useTranslation();
  const settle = useSettleFit();
  const [reason, setReason] = useState('');
  const isReady = reason.trim().length >= 3 && !settle.isPending;
  const say = (isFitted: boolean) => settle.mutate({ question, isFitted, reason: reason.trim() });

  return (
    <section className="in-doubt" aria-label={`${question.fleet_number}, ${question.title}`}>
      <header>
        <h2>
          <Link to={`/walks/${question.walk_id}`}>{question.fleet_number}</Link> {question.title}
        </h2>
        <p className="slab">{question.words}</p>
        <p>
          {t('doubts.asked', {
            name: question.person.name,
            time: shortDate(question.recorded_at),
          })}{' '}
          <Link to={`/catalogue/${question.model_id}`}>{t('doubts.model')}</Link>
        </p>
      </header>
      <TextField
        label={t('doubts.reason')}
        value={reason}
        fullWidth
        onChange={(event) => setReason(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 500, 'data-testid': 'fit-reason' } }}
      />
      {settle.error !== null && <ProblemWords problem={problemOf(settle.error, t('state.no_network'))} />}
      <footer>
        <HoldButton tone="ink" disabled={!isReady} testId="fit-none" under={t('act.hold')} onHeld={() => say(false)}>
          {t('doubts.not_fitted')}
        </HoldButton>
        <HoldButton disabled={!isReady} testId="fit-there" under={t('act.hold')} onHeld={() => say(true)}>
          {t('doubts.fitted')}
        </HoldButton>
      </footer>
    </section>
  );
}
