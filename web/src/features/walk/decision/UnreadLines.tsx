import type { ReactNode } from 'react';
import { useTranslation } from 'react-i18next';

/** More lines than these that nobody has answered are folded: what was found, and the acts, stay in sight. */
const FEW = 6;

interface Props {
  count: number;
  /** The list of them. */
  children: ReactNode;
}

/** The lines of a decision that nobody has answered yet, behind what was found. */
export function UnreadLines({ count, children }: Props) {
  const { t } = useTranslation();
  if (count === 0) {
    return null;
  }

  return count <= FEW ? (
    children
  ) : (
    <details className="unread" data-testid="unread">
      <summary>{t('decision.not_answered', { count })}</summary>
      {children}
    </details>
  );
}
