import { useTranslation } from 'react-i18next';
import { Button } from '../../../app/Button';
import type { Line } from '../state/types';

const REASONS = ['none', 'other', 'removed'] as const;

interface Props {
  line: Line;
  onReason: (words: string) => void;
}

/** The part is not there, whatever the model says: the line counts as answered, and the lead is asked. */
export function NotFittedReasons({ line, onReason }: Props) {
  const { t } = useTranslation();
  if (line.other_answers?.includes('not_fitted') !== true) {
    return null;
  }

  return (
    <section className="not-fitted" aria-label={t('walk.not_fitted')}>
      <h3>{t('walk.not_fitted')}</h3>
      <p>{t('fitted.words')}</p>
      {REASONS.map((reason) => (
        <Button key={reason} testId={`not-fitted-${reason}`} onClick={() => onReason(t(`fitted.${reason}`))}>
          {t(`fitted.${reason}`)}
        </Button>
      ))}
    </section>
  );
}
