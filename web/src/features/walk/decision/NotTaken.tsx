import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Button } from '../../../app/Button';
import { outbox } from '../../../offline/outbox';
import type { KeptEntry } from '../../../offline/store';
import { ProblemWords } from '../../../app/ProblemWords';
import { useSend } from '../state/useSend';
import { usePost } from '../state/useWalk';
import { together } from '../state/together';
import type { Walk } from '../state/types';

interface Props {
  /** What was refused of this walk. */
  entries: KeptEntry[];
  walk: Walk | undefined;
}

/** What the yard's ledger refused after the network had come back: what it was, why, and what to do. */
export function NotTaken({ entries, walk }: Props) {
  const { t } = useTranslation();
  if (entries.length === 0) {
    return null;
  }

  return (
    <section className="not-taken" role="alert" aria-label={t('outbox.not_taken')}>
      {together(entries).map((group) => (
        <div key={group[0].entry.id}>
          <p>
            <b>
              {titleOf(group[0], walk) ??
                t(`outbox.kind.${group[0].entry.kind.replace('.', '_')}`, { defaultValue: t('outbox.entry') })}
              : {group[0].problem?.title}
            </b>
            {group[0].problem?.detail}
            {group.length > 1 && ` ${t('outbox.so_many', { count: group.length })}`}
          </p>
          {group[0].entry.kind === 'handover.signed' && <ItHasLeft walkId={group[0].walkId} />}
          <Button
            testId="read-refusal"
            onClick={() =>
              void group.reduce((before, one) => before.then(() => outbox.read(one.entry.id)), Promise.resolve())
            }
          >
            {t('outbox.read')}
          </Button>
        </div>
      ))}
    </section>
  );
}

/** Signed for out of reach, refused by the yard, and driven away: that is said at once. */
function ItHasLeft({ walkId }: { walkId: string }) {
  const { t } = useTranslation();
  const post = usePost(walkId);
  const { busy, problem, send } = useSend();
  const [isTold, setIsTold] = useState(false);

  return isTold ? (
    <p role="status">{t('outbox.left_told')}</p>
  ) : (
    <>
      <Button
        testId="it-has-left"
        disabled={busy}
        under={t('outbox.it_has_left_under')}
        onClick={() => void send(() => post('departure.reported', {})).then(setIsTold)}
      >
        {t('outbox.it_has_left')}
      </Button>
      <ProblemWords problem={problem} />
    </>
  );
}

function titleOf(one: KeptEntry, walk: Walk | undefined): string | undefined {
  const { payload } = one.entry;
  const key = 'line' in payload ? payload.line : undefined;

  return walk?.plan.visits.flatMap((visit) => visit.lines).find((line) => line.key === key)?.title;
}
