import { useTranslation } from 'react-i18next';
import type { Problem } from '../../../api/problem';
import { ProblemWords } from '../../../app/ProblemWords';
import { ReasonDrawer } from '../panels/ReasonDrawer';

const REASONS = ['shift_over', 'called_away', 'took_ill'] as const;

interface Props {
  names: string;
  problem: Problem | null;
  onClose: () => void;
  onReason: (reason: string) => void;
}

/** Takes a walk from whoever has its key, with a reason that stands in the book. */
export function TakeOverDrawer({ names, problem, onClose, onReason }: Props) {
  const { t } = useTranslation();

  return (
    <ReasonDrawer
      open
      title={t('share.take_over')}
      asks={t('share.take_over_asks', { names })}
      reasons={REASONS.map((id) => ({ id, words: t(`share.${id}`) }))}
      names={{ own: t('share.take_over_own'), post: t('share.take_over_post') }}
      onClose={onClose}
      onReason={onReason}
    >
      <ProblemWords problem={problem} />
    </ReasonDrawer>
  );
}
