import { Suspense, lazy, useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';

const FindDrawer = lazy(() => import('../features/find/FindDrawer').then((part) => ({ default: part.FindDrawer })));

/** Whether somebody is writing: a stroke is then a letter. */
function isTyping(): boolean {
  const at = document.activeElement;

  return (
    at instanceof HTMLInputElement ||
    at instanceof HTMLTextAreaElement ||
    (at instanceof HTMLElement && at.isContentEditable)
  );
}

/** The field that finds: by its tab, or by the stroke on the keyboard. */
export function Find() {
  const { t } = useTranslation();
  const [isOpen, setIsOpen] = useState(false);
  useEffect(() => {
    const strike = (event: KeyboardEvent) => {
      if (event.key === '/' && !event.ctrlKey && !event.metaKey && !isTyping()) {
        event.preventDefault();
        setIsOpen(true);
      }
    };
    window.addEventListener('keydown', strike);

    return () => window.removeEventListener('keydown', strike);
  }, []);

  return (
    <>
      <button
        type="button"
        className="tab-find"
        aria-keyshortcuts="/"
        data-testid="find"
        onClick={() => setIsOpen(true)}
      >
        {t('find.tab')}
      </button>
      {isOpen && (
        <Suspense fallback={null}>
          <FindDrawer onClose={() => setIsOpen(false)} />
        </Suspense>
      )}
    </>
  );
}
