import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Act } from '../../app/Act';
import { CannotTellLeaf } from './CannotTellLeaf';
import { useSend } from './useSend';
import type { Post } from './useWalk';
import type { Position } from './useWalkPosition';

interface Props {
  position: Position;
  post: Post;
  disabled: boolean;
  words: string;
}

/** The way past a line that cannot be told now: a reason, and the line stays open. */
export function CannotTellAct({ position, post, disabled, words }: Props) {
  const { t } = useTranslation();
  const { line } = position;
  const [open, setOpen] = useState(false);
  const { send } = useSend();

  return (
    <>
      <Act disabled={disabled} testId="cannot-tell" onClick={() => setOpen(true)}>
        {t(words)}
      </Act>
      <CannotTellLeaf
        open={open}
        title={line.title}
        onClose={() => setOpen(false)}
        onReason={(because) => {
          setOpen(false);
          void send(() => post('check.answered', { line: line.key, answer: 'cannot_tell', words: because }));
          position.advance([line.key]);
        }}
      />
    </>
  );
}
