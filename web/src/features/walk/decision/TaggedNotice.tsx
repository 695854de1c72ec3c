import { useTranslation } from 'react-i18next';
import { shortDate } from '../../../app/figures';
import type { Walk } from '../state/types';

/** A machine that carries a tag never looks like any other: which tag, why, whose, and since when. */
export function TaggedNotice({ tag }: { tag: NonNullable<Walk['state']['tag']> }) {
  const { t } = useTranslation();

  return (
    <p className="tagged-notice" role="status" data-testid="tagged-notice">
      <b>{t('walk.tagged_out', { number: tag.number })}</b>{' '}
      {t('walk.tagged_words', { reason: tag.reason, name: tag.hung_by.name, date: shortDate(tag.hung_at) })}
    </p>
  );
}
