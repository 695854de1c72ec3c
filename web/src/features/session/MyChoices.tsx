import { useTranslation } from 'react-i18next';
import { whatToDo } from '../../api/problem';
import { Act } from '../../app/Act';
import { LANGUAGES } from '../../app/texts';
import { useChoosePreferences, useMe } from './useSession';

const UNITS = ['yard', 'si', 'us', 'both'] as const;

/** The language and the units of this person, on whatever tablet they sign in. */
export function MyChoices() {
  const { t } = useTranslation();
  const me = useMe();
  const choose = useChoosePreferences();

  return (
    <>
      <p>{t('me.language')}</p>
      <div className="choice-row" role="group" aria-label={t('me.language')}>
        {LANGUAGES.map(({ tag, name }) => (
          <Act key={tag} pressed={me.language === tag} testId={`language-${tag}`} disabled={choose.isPending} onClick={() => choose.mutate({ language: tag })}>
            <span lang={tag}>{name}</span>
          </Act>
        ))}
      </div>
      <p>{t('me.units')}</p>
      <div className="choice-row" role="group" aria-label={t('me.units')}>
        {UNITS.map((units) => (
          <Act key={units} pressed={me.units === units} testId={`units-${units}`} disabled={choose.isPending} onClick={() => choose.mutate({ units })}>
            {t(`me.units_${units}`)}
          </Act>
        ))}
      </div>
      {choose.isError && <p role="alert">{whatToDo(choose.error, t('state.no_network'))}</p>}
    </>
  );
}
