import { useTranslation } from 'react-i18next';
import { Button } from '../../app/Button';
import { usePreferences, type Preferences } from '../../app/preferences';

/** How this tablet is set up: the size of the text, the hand, and what it does when something is taken. */
export function TabletChoices() {
  const { t } = useTranslation();
  const [preferences, choose] = usePreferences();
  const row = <K extends keyof Preferences>(key: K, values: Preferences[K][]) => (
    <>
      <p>{t(`tablet.${key}.words`)}</p>
      <div className="choice-row" role="group" aria-label={t(`tablet.${key}.words`)}>
        {values.map((value) => (
          <Button
            key={String(value)}
            pressed={preferences[key] === value}
            testId={`tablet-${key}-${String(value)}`}
            onClick={() => choose({ [key]: value })}
          >
            {t(`tablet.${key}.${String(value)}`)}
          </Button>
        ))}
      </div>
    </>
  );

  return (
    <>
      {row('text', ['normal', 'large'])}
      {row('hand', ['right', 'left'])}
      {row('haptic', [false, true])}
      {row('sound', [false, true])}
    </>
  );
}
