import TextField from '@mui/material/TextField';
import { useState, type ReactNode } from 'react';
import { Button } from '../../../app/Button';
import { Drawer } from '../../../app/Drawer';

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
export function ReasonDrawer({ open, title, asks, reasons, names, onClose, onReason, children }: Props) {
  const [words, setWords] = useState('');

  return (
    <Drawer open={open} title={title} onClose={onClose}>
      <p>{asks}</p>
      {reasons.map((reason) => (
        <Button key={reason.id} testId={reason.id} onClick={() => onReason(reason.words)}>
          {reason.words}
        </Button>
      ))}
      <TextField
        label={names.own}
        value={words}
        onChange={(event) => setWords(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 400, 'data-testid': 'own-words' } }}
      />
      <Button testId="post-own" disabled={words.trim().length < 3} onClick={() => onReason(words.trim())}>
        {names.post}
      </Button>
      {children}
    </Drawer>
  );
}
