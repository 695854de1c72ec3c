import TextField from '@mui/material/TextField';
import { lazy, Suspense } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../../api/client';
import { Button } from '../../../app/Button';
import { feel } from '../../../app/feel';
import { usePersistentState } from '../../../app/usePersistentState';
import { AnswerSoFar } from './AnswerSoFar';
import type { PanelProps } from './PanelProps';
import { useSend } from '../state/useSend';
import { WrittenActs } from './WrittenActs';

const PaperCalendar = lazy(() => import('./PaperCalendar'));

interface Draft {
  date: string;
  hours: string;
  serial: string;
}

const EMPTY: Draft = { date: '', hours: '', serial: '' };

/** A paper, a tag or a plate: what stands on it is typed, and compared with the hire and the record. */
export function PaperPanel({
  walk,
  position,
  mayPost,
  isKept,
  post,
  inState,
  onTag,
  refusal,
  paper,
}: PanelProps & { inState: boolean; paper: NonNullable<Schema['PlannedLine']['paper']> }) {
  const { t } = useTranslation();
  const { line } = position;
  const { busy, problem, send } = useSend();
  const [draft, setDraft] = usePersistentState<Draft>(`walk.paper.1.${walk.id}.${line.key}`, EMPTY);
  const state = walk.state.lines.find((one) => one.key === line.key);
  // What only asks for attention is read again when that was given.
  const isAnswered =
    state !== undefined && state.entry_id !== null && (state.outcome === 'stands' || state.outcome === 'stop');
  const isSerial = paper.kind === 'serial';
  const isWhole = isSerial
    ? draft.serial.trim() !== ''
    : draft.date !== '' && (!paper.asks_hours || /^\d+(\.\d)?$/.test(draft.hours));
  const compare = () =>
    send(async () => {
      const payload = isSerial
        ? { serial: draft.serial.trim() }
        : { date: draft.date, ...(paper.asks_hours ? { hours: draft.hours } : {}) };
      const result = await post('paper.compared', { line: line.key, ...payload });
      // What is compared again is read again.
      setDraft(EMPTY);
      const outcome = result === 'kept' ? 'kept' : result.judgement?.verdict.outcome;
      feel(outcome === 'stop' || outcome === 'attend' ? outcome : 'taken');
      if (outcome === 'kept' || outcome === 'stands') {
        position.advance([line.key]);
      }
    });

  return (
    <>
      <div className="paper">
        <p className="look-accept">{line.accept}</p>
        {isSerial ? (
          <TextField
            label={t('paper.serial')}
            value={draft.serial}
            disabled={!mayPost || !inState || isAnswered}
            onChange={(event) => setDraft({ ...draft, serial: event.target.value })}
            slotProps={{
              htmlInput: {
                maxLength: 60,
                autoCapitalize: 'characters',
                autoCorrect: 'off',
                spellCheck: false,
                'data-testid': 'paper-serial',
              },
            }}
          />
        ) : (
          <div className="paper-day">
            {mayPost && !isAnswered && (
              <Suspense fallback={<div className="paper-calendar" />}>
                <PaperCalendar date={draft.date} disabled={!inState} onDate={(date) => setDraft({ ...draft, date })} />
              </Suspense>
            )}
            <div className="paper-fields">
              <TextField
                type="date"
                label={t('paper.date')}
                value={draft.date}
                disabled={!mayPost || !inState || isAnswered}
                onChange={(event) => setDraft({ ...draft, date: event.target.value })}
                slotProps={{ inputLabel: { shrink: true }, htmlInput: { 'data-testid': 'paper-date' } }}
              />
              {paper.asks_hours && (
                <TextField
                  label={t('paper.hours')}
                  value={draft.hours}
                  disabled={!mayPost || !inState || isAnswered}
                  onChange={(event) => setDraft({ ...draft, hours: event.target.value })}
                  slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 9, 'data-testid': 'paper-hours' } }}
                />
              )}
            </div>
          </div>
        )}
        <AnswerSoFar state={state} position={position} isKept={isKept} onTag={onTag} />
      </div>
      <WrittenActs
        position={position}
        post={post}
        entryId={isAnswered ? (state.entry_id ?? '') : null}
        stops={state?.outcome === 'stop'}
        busy={busy}
        problem={problem ?? refusal}
        mayPost={mayPost}
      >
        <Button
          tone="jade"
          disabled={busy || !inState || !isWhole}
          testId="compare"
          under={t(isSerial ? 'paper.with_record' : 'paper.with_hire')}
          onClick={() => void compare()}
        >
          {t('paper.compare')}
        </Button>
      </WrittenActs>
    </>
  );
}
