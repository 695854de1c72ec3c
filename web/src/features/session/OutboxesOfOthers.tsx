import { useMutation } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { answer, api } from '../../api/client';
import { whatToDo } from '../../api/problem';
import { HoldButton } from '../../app/HoldButton';
import { outbox } from '../../offline/outbox';
import { useOutbox } from '../../offline/useOutbox';
import { usePeople } from '../people/usePeople';

/** What waits on this tablet of somebody who left, for the lead to take over. */
export function OutboxesOfOthers() {
  const { t } = useTranslation();
  const { others } = useOutbox();
  const people = usePeople().data?.people ?? [];
  const take = useMutation({
    mutationFn: async ({ userId, count }: { userId: string; count: number }) => {
      await answer(
        api.POST('/api/people/{person}/outbox-takeovers', { params: { path: { person: userId } }, body: { count } }),
      );
      await outbox.takeOver(userId);
    },
  });

  return (
    <>
      {others.map(({ userId, count }) => {
        const person = people.find((one) => one.id === userId && one.has_left);

        return (
          person !== undefined && (
            <HoldButton
              key={userId}
              tone="ink"
              testId={`take-over-${person.initials}`}
              disabled={take.isPending}
              under={t('act.hold')}
              onHeld={() => take.mutate({ userId, count })}
            >
              {t('outbox.take_over', { count, name: person.name })}
            </HoldButton>
          )
        );
      })}
      {take.isError && <p role="alert">{whatToDo(take.error, t('state.no_network'))}</p>}
    </>
  );
}
