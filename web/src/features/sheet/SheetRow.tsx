import TextField from '@mui/material/TextField';
import type { KeyboardEvent } from 'react';
import { useTranslation } from 'react-i18next';
import type { Problem } from '../../api/problem';
import { ProblemWords } from '../../app/ProblemWords';
import type { Line, Walk } from '../walk/state/types';
import { DashboardFields } from './DashboardFields';
import { ReadingFields } from './ReadingFields';
import type { LineDraft } from './sheetDraft';
import { TestFields } from './TestFields';
import { TwoBoxes } from './TwoBoxes';

export interface RowProps {
  line: Line;
  draft: LineDraft;
  onChange: (change: Partial<LineDraft>) => void;
}

interface Props extends RowProps {
  conditions: Walk['plan']['conditions'];
  isHalf: boolean;
  problem: Problem | null;
}

/** To the row below or above: whoever types a sheet keeps both hands on the keys. */
function go(from: HTMLElement, by: 1 | -1): void {
  const rows = [...document.querySelectorAll<HTMLElement>('.filled-row')];
  const next = rows[rows.indexOf(from) + by];
  next?.querySelector<HTMLElement>('button, input')?.focus();
}

/** One line of the paper, with the fields that stand behind it there. */
export function SheetRow({ line, conditions, draft, isHalf, problem, onChange }: Props) {
  const { t } = useTranslation();
  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    const row = event.currentTarget;
    const isTyping = event.target instanceof HTMLInputElement;
    const key = event.key.toLowerCase();
    if (key === 'arrowdown' || key === 'arrowup') {
      event.preventDefault();
      go(row, key === 'arrowdown' ? 1 : -1);
    } else if (!isTyping && (key === 's' || key === 'n') && (line.answer === 'look' || line.answer === 'dashboard')) {
      event.preventDefault();
      onChange({ stands: key === 's' });
      if (key === 's') {
        go(row, 1);
      }
    }
  };

  return (
    // eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- keys of the controls in it
    <article
      className={`filled-row ${line.severity === 'stop' ? 'is-barred' : ''}`}
      data-testid={`row-${line.key}`}
      onKeyDown={onKeyDown}
    >
      <p>
        <b>{line.title}</b>
        <span>{line.accept}</span>
      </p>
      <div className="filled-fields">
        {line.answer === 'look' && <TwoBoxes draft={draft} onChange={onChange} label={line.title} />}
        {line.answer === 'dashboard' && <DashboardFields line={line} draft={draft} onChange={onChange} />}
        {line.answer === 'test' && <TestFields line={line} draft={draft} onChange={onChange} />}
        {line.answer === 'paper' && <PaperFields line={line} draft={draft} onChange={onChange} />}
        {line.answer === 'reading' && (
          <ReadingFields line={line} draft={draft} conditions={conditions} problem={problem} onChange={onChange} />
        )}
        {(draft.stands === false || draft.steps?.includes(false) === true) && line.answer !== 'dashboard' && (
          <TextField
            label={t('filled.written')}
            value={draft.words ?? ''}
            onChange={(event) => onChange({ words: event.target.value })}
            slotProps={{ htmlInput: { maxLength: 1000, 'data-testid': `words-${line.key}` } }}
          />
        )}
      </div>
      {isHalf && <p className="filled-half">{t('filled.half_here')}</p>}
      <ProblemWords problem={problem} />
    </article>
  );
}

function PaperFields({ line, draft, onChange }: RowProps) {
  const { t } = useTranslation();
  if (line.paper?.kind === 'serial') {
    return (
      <TextField
        label={t('paper.serial')}
        value={draft.serial ?? ''}
        onChange={(event) => onChange({ serial: event.target.value })}
        slotProps={{ htmlInput: { maxLength: 60, spellCheck: false, 'data-testid': `serial-${line.key}` } }}
      />
    );
  }

  return (
    <>
      <TextField
        type="date"
        label={t('paper.date')}
        value={draft.date ?? ''}
        onChange={(event) => onChange({ date: event.target.value })}
        slotProps={{ inputLabel: { shrink: true }, htmlInput: { 'data-testid': `date-${line.key}` } }}
      />
      {line.paper?.asks_hours === true && (
        <TextField
          label={t('paper.hours')}
          value={draft.hours ?? ''}
          onChange={(event) => onChange({ hours: event.target.value })}
          slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 9, 'data-testid': `hours-${line.key}` } }}
        />
      )}
    </>
  );
}
