import { useTranslation } from 'react-i18next';
import { Act } from '../../app/Act';
import { shortDate } from '../../app/figures';
import type { Walk } from './types';

interface Props {
  tag: NonNullable<Walk['state']['tag']>;
  onOpen: () => void;
}

/** A machine that carries a tag never looks like any other: whose tag, why, since when, and where its repair is written down. */
export function TaggedNotice({ tag, onOpen }: Props) {
  const { t } = useTranslation();

  return (
    <section className="tagged-notice" role="status" data-testid="tagged-notice">
      <p>
        <b>{t('walk.tagged_out', { number: tag.number })}</b>
        {t('walk.tagged_words', { reason: tag.reason, name: tag.hung_by.name, date: shortDate(tag.hung_at) })}
      </p>
      <Act tone="oxide" testId="open-tag" onClick={onOpen}>
        {t('walk.open_tag')}
      </Act>
    </section>
  );
}
