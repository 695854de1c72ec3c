import { useTranslation } from 'react-i18next';
import { inWords } from '../../app/units';
import { useReading } from '../session/useReading';
import type { Briefing } from './withShownHere';

interface Props {
  limits: NonNullable<Briefing['limits']>;
  cautions: string[];
}

/** The limits that were set for this hire, and what the place calls for: read before it is signed for. */
export function LimitsTold({ limits, cautions }: Props) {
  const { t } = useTranslation();
  const reading = useReading();
  if (limits.length === 0 && cautions.length === 0) {
    return null;
  }

  return (
    <section className="duties" aria-label={t('limits.set_here')} data-testid="limits-told">
      <h2>{t('limits.set_here')}</h2>
      <ul>
        {limits.map((limit) => (
          <li key={limit.sheet}>
            <b>{limit.title}</b>
            <i>
              {limit.lines.map(({ what, yours }) => `${what} ${inWords(yours.value, yours.unit, reading)}`).join('; ')}
            </i>
            <span>{limit.says}</span>
          </li>
        ))}
        {cautions.map((caution) => (
          <li key={caution}>
            <span>{caution}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
