import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { longDate } from '../../app/figures';
import { SecondFactorDrawer } from './SecondFactorDrawer';
import { useMe } from './useSession';
import './secondFactor.css';

/** Until when it may be put off, and the way to do it now. */
export function SecondFactorNotice() {
  const { t } = useTranslation();
  const dueAt = useMe().second_factor?.due_at ?? null;
  const [isOpen, setIsOpen] = useState(false);

  return dueAt === null && !isOpen ? null : (
    <>
      {dueAt !== null && (
        <button
          type="button"
          className="second-factor-until"
          data-testid="second-factor-until"
          onClick={() => setIsOpen(true)}
        >
          {t('second_factor.until', { date: longDate(dueAt) })}
        </button>
      )}
      {isOpen && <SecondFactorDrawer onClose={() => setIsOpen(false)} />}
    </>
  );
}
