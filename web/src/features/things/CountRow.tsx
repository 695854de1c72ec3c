import ButtonBase from '@mui/material/ButtonBase';
import TextField from '@mui/material/TextField';
import type { ReactNode } from 'react';
import { useTranslation } from 'react-i18next';

interface Props {
  id: string;
  name: string;
  /** None as long as nobody has counted it. */
  count: number | null;
  under?: string;
  onCount: (count: number) => void;
  children?: ReactNode;
}

const MOST = 500;

/** One more or one less, with a glove. */
export function CountRow({ id, name, count, under, onCount, children }: Props) {
  const { t } = useTranslation();
  const now = count ?? 0;

  return (
    <li className="count-row" data-testid={`count-${id}`}>
      <span>
        <b>{name}</b>
        {under !== undefined && <small>{under}</small>}
      </span>
      <div className="count-steps" role="group" aria-label={name}>
        <ButtonBase
          aria-label={t('things.less', { name })}
          data-testid={`less-${id}`}
          disabled={count === 0}
          onClick={() => onCount(Math.max(0, now - 1))}
        >
          −
        </ButtonBase>
        <output aria-live="polite">{count ?? '–'}</output>
        <ButtonBase
          aria-label={t('things.more', { name })}
          data-testid={`more-${id}`}
          disabled={now >= MOST}
          onClick={() => onCount(now + 1)}
        >
          +
        </ButtonBase>
      </div>
      {children}
    </li>
  );
}

interface MarksProps {
  id: string;
  marks: string;
  onMarks: (marks: string) => void;
}

/** The numbers on the pieces, so that the same ones come back. */
export function MarksField({ id, marks, onMarks }: MarksProps) {
  const { t } = useTranslation();

  return (
    <TextField
      label={t('things.marks')}
      value={marks}
      onChange={(event) => onMarks(event.target.value)}
      slotProps={{ htmlInput: { maxLength: 200, 'data-testid': `marks-${id}` } }}
    />
  );
}
