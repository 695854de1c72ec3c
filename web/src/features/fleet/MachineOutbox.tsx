import { useTranslation } from 'react-i18next';
import { Button } from '../../app/Button';
import { outbox } from '../../offline/outbox';
import { useOutbox } from '../../offline/useOutbox';
import type { KeptEntry } from '../../offline/store';

/** What this tablet keeps of a machine until the network is back, and what the yard did not take of it. */
export function MachineOutbox({ machineId }: { machineId: string }) {
  const { t } = useTranslation();
  const { kept, refused } = useOutbox();
  const isIts = (one: KeptEntry) => one.machineId === machineId;
  const waiting = kept.filter(isIts);

  return (
    <>
      {waiting.length > 0 && (
        <p className="machine-waits" role="status" data-testid="machine-waits">
          {t('outbox.machine_waits', { count: waiting.length })}
        </p>
      )}
      {refused.filter(isIts).map(({ entry, problem }) => (
        <section key={entry.id} className="not-taken" role="alert" aria-label={t('outbox.not_taken')}>
          <div>
            <p>
              <b>
                {t(`outbox.kind.${entry.kind.replace('.', '_')}`, { defaultValue: t('outbox.entry') })}:{' '}
                {problem?.title}
              </b>
              {problem?.detail}
            </p>
            <Button testId="read-refusal" onClick={() => void outbox.read(entry.id)}>
              {t('outbox.read')}
            </Button>
          </div>
        </section>
      ))}
    </>
  );
}
