import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Act } from '../../app/Act';
import { CannotTellLeaf } from './CannotTellLeaf';
import { NotFittedReasons } from './NotFittedReasons';
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
export function CannotTellAct({ position, post, disabled, words: name }: Props) {
  const { t } = useTranslation();
  const { line } = position;
  const [open, setOpen] = useState(false);
  const { send } = useSend();
  const say = (answer: 'cannot_tell' | 'not_fitted', words: string) => {
    setOpen(false);
    void send(() => post('check.answered', { line: line.key, answer, words }));
    position.advance([line.key]);
  };

  return (
    <>
      <Act disabled={disabled} testId="cannot-tell" onClick={() => setOpen(true)}>
        {t(name)}
      </Act>
      <CannotTellLeaf
        open={open}
        title={line.title}
        onClose={() => setOpen(false)}
        onReason={(because) => say('cannot_tell', because)}
      >
        <NotFittedReasons line={line} onReason={(because) => say('not_fitted', because)} />
      </CannotTellLeaf>
    </>
  );
}
