import { useTranslation } from 'react-i18next';
import { everyOf } from '../service/words';
import type { Briefing } from './withShownHere';

/** What the hirer's own people do while they have the machine: read before it is signed for. */
export function Duties({ duties }: { duties: NonNullable<Briefing['duties']> }) {
  const { t } = useTranslation();

  return (
    <section className="duties" aria-label={t('handover.duties')} data-testid="duties">
      <h2>{t('handover.duties')}</h2>
      <ul>
        {duties.map((duty) => (
          <li key={duty.id}>
            <b>{duty.name}</b>
            <i>{t('handover.duty_every', { every: everyOf(duty.every, t), day: duty.first_day })}</i>
            <span>
              {duty.do}
              {(duty.spots ?? []).length > 0 && ` ${(duty.spots ?? []).map(({ name }) => name).join(', ')}.`}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
