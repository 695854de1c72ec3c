import { useTranslation } from 'react-i18next';
import { WRITTEN_IN } from './texts';

/** Beside what keeps people safe: in every language but the one it was written in, that somebody has to check it. */
export function TranslationNote() {
  const { t, i18n } = useTranslation();

  return i18n.language === WRITTEN_IN ? null : (
    <p className="translation-note" data-testid="translation-note">
      {t('translation.to_be_checked')}
    </p>
  );
}
