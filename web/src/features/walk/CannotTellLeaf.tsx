import TextField from '@mui/material/TextField';
import { useState, type ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { Act } from '../../app/Act';
import { Leaf } from '../../app/Leaf';

const REASONS = ['dark', 'dirty', 'blocked', 'broken'] as const;

interface Props {
  open: boolean;
  title: string;
  onClose: () => void;
  onReason: (words: string) => void;
  children?: ReactNode;
}

/** Always there: four reasons, or one's own. The line stays open, it never stands. */
export function CannotTellLeaf({ open, title, onClose, onReason, children }: Props) {
  const { t } = useTranslation();
  const [words, setWords] = useState('');

  return (
    <Leaf open={open} title={title} onClose={onClose}>
      <p>{t('cannot.words')}</p>
      {REASONS.map((reason) => (
        <Act key={reason} testId={`cannot-${reason}`} onClick={() => onReason(t(`cannot.${reason}`))}>
          {t(`cannot.${reason}`)}
        </Act>
      ))}
      <TextField label={t('cannot.own')} value={words} onChange={(event) => setWords(event.target.value)} slotProps={{ htmlInput: { maxLength: 400 } }} />
      <Act disabled={words.trim() === ''} onClick={() => onReason(words.trim())}>
        {t('cannot.post_own')}
      </Act>
      {children}
    </Leaf>
  );
}
