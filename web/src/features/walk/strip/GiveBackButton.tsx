import { useTranslation } from 'react-i18next';
import { Button } from '../../../app/Button';
import { ProblemWords } from '../../../app/ProblemWords';
import { useSend } from '../state/useSend';
import type { Post } from '../state/useWalk';

/** A walk that was opened by mistake, and in which nothing is answered, goes back to the day. */
export function GiveBackButton({ post, onGivenBack }: { post: Post; onGivenBack: () => void }) {
  const { t } = useTranslation();
  const { busy, problem, send } = useSend();

  return (
    <>
      <ProblemWords problem={problem} />
      <Button
        testId="give-back"
        disabled={busy}
        under={t('walk.give_back_under')}
        onClick={() => void send(() => post('walk.given_back', {})).then((posted) => posted && onGivenBack())}
      >
        {t('walk.give_back')}
      </Button>
    </>
  );
}
