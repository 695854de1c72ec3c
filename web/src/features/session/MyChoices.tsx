import { useTranslation } from 'react-i18next';
import { whatToDo } from '../../api/problem';
import { Button } from '../../app/Button';
import { LANGUAGES } from '../../app/texts';
import { useChoosePreferences } from './useAccount';
import { useMe } from './useSession';

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
          <Button
            key={tag}
            pressed={me.language === tag}
            testId={`language-${tag}`}
            disabled={choose.isPending}
            onClick={() => choose.mutate({ language: tag })}
          >
            <span lang={tag}>{name}</span>
          </Button>
        ))}
      </div>
      <p>{t('me.units')}</p>
      <div className="choice-row" role="group" aria-label={t('me.units')}>
        {UNITS.map((units) => (
          <Button
            key={units}
            pressed={me.units === units}
            testId={`units-${units}`}
            disabled={choose.isPending}
            onClick={() => choose.mutate({ units })}
          >
            {t(`me.units_${units}`)}
          </Button>
        ))}
      </div>
      {choose.isError && <p role="alert">{whatToDo(choose.error, t('state.no_network'))}</p>}
    </>
  );
}
