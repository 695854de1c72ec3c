import TextField from '@mui/material/TextField';
import { useState, type ReactNode } from 'react';
import { Act } from '../../app/Act';
import { Leaf } from '../../app/Leaf';

interface Props {
  open: boolean;
  title: string;
  /** What is asked, in one sentence. */
  asks: string;
  /** Answers that a glove can give. */
  reasons: { id: string; words: string }[];
  names: { own: string; post: string };
  onClose: () => void;
  onReason: (words: string) => void;
  children?: ReactNode;
}

/** A question that wants words: some stand there to be touched, any others are typed. */
export function ReasonLeaf({ open, title, asks, reasons, names, onClose, onReason, children }: Props) {
  const [words, setWords] = useState('');

  return (
    <Leaf open={open} title={title} onClose={onClose}>
      <p>{asks}</p>
      {reasons.map((reason) => (
        <Act key={reason.id} testId={reason.id} onClick={() => onReason(reason.words)}>
          {reason.words}
        </Act>
      ))}
      <TextField label={names.own} value={words} onChange={(event) => setWords(event.target.value)} slotProps={{ htmlInput: { maxLength: 400, 'data-testid': 'own-words' } }} />
      <Act testId="post-own" disabled={words.trim().length < 3} onClick={() => onReason(words.trim())}>
        {names.post}
      </Act>
      {children}
    </Leaf>
  );
}
