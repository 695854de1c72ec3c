import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Button } from '../../../app/Button';
import { CannotTellDrawer } from './CannotTellDrawer';
import { NotFittedReasons } from './NotFittedReasons';
import { useSayInstead } from '../state/useSayInstead';
import type { Post } from '../state/useWalk';
import type { Position } from '../state/useWalkPosition';

interface Props {
  position: Position;
  post: Post;
  disabled: boolean;
  words: string;
}

/** The way past a line that cannot be told now: a reason, and the line stays open. */
export function CannotTellButton({ position, post, disabled, words: name }: Props) {
  const { t } = useTranslation();
  const { line } = position;
  const [open, setOpen] = useState(false);
  const sayInstead = useSayInstead(position, post);
  const say = (answer: 'cannot_tell' | 'not_fitted', words: string) => {
    setOpen(false);
    sayInstead(answer, words);
  };

  return (
    <>
      <Button disabled={disabled} testId="cannot-tell" onClick={() => setOpen(true)}>
        {t(name)}
      </Button>
      <CannotTellDrawer
        open={open}
        title={line.title}
        onClose={() => setOpen(false)}
        onReason={(because) => say('cannot_tell', because)}
      >
        <NotFittedReasons line={line} onReason={(because) => say('not_fitted', because)} />
      </CannotTellDrawer>
    </>
  );
}
