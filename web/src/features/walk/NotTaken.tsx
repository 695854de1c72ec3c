import { useTranslation } from 'react-i18next';
import { Act } from '../../app/Act';
import { outbox } from '../../offline/outbox';
import type { KeptEntry } from '../../offline/store';
import type { Walk } from './types';

/** What the yard's ledger refused after the network had come back: what it was, why, and what to do. */
export function NotTaken({ entries, walk }: { entries: KeptEntry[]; walk: Walk }) {
  const { t } = useTranslation();
  if (entries.length === 0) {
    return null;
  }
  const titleOf = (one: KeptEntry): string => {
    const key = (one.entry.payload as { line?: string }).line;

    return walk.plan.visits.flatMap((visit) => visit.lines).find((line) => line.key === key)?.title ?? t('outbox.entry');
  };

  return (
    <section className="not-taken" role="alert" aria-label={t('outbox.not_taken')}>
      {entries.map((one) => (
        <div key={one.entry.id}>
          <p>
            <b>
              {titleOf(one)}: {one.problem?.title}
            </b>
            {one.problem?.detail}
          </p>
          <Act testId="read-refusal" onClick={() => void outbox.read(one.entry.id)}>
            {t('outbox.read')}
          </Act>
        </div>
      ))}
    </section>
  );
}
