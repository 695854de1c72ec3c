import type { ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { ReasonDrawer } from './ReasonDrawer';

const REASONS = ['dark', 'dirty', 'blocked', 'broken'] as const;

interface Props {
  open: boolean;
  title: string;
  onClose: () => void;
  onReason: (words: string) => void;
  children?: ReactNode;
}

/** Always there: four reasons, or one's own. The line stays open, it never stands. */
export function CannotTellDrawer({ open, title, onClose, onReason, children }: Props) {
  const { t } = useTranslation();

  return (
    <ReasonDrawer
      open={open}
      title={title}
      asks={t('cannot.words')}
      reasons={REASONS.map((reason) => ({ id: `cannot-${reason}`, words: t(`cannot.${reason}`) }))}
      names={{ own: t('cannot.own'), post: t('cannot.post_own') }}
      onClose={onClose}
      onReason={onReason}
    >
      {children}
    </ReasonDrawer>
  );
}
