import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import type { Payloads } from '../../api/entries';
import { problemOf } from '../../api/problem';
import { MeterDrawer } from './MeterDrawer';
import { postToMachine } from './postToMachine';

interface Props {
  machine: { id: string; fleet_number: string; smr_hours: string | null };
  /** Which of its meters. */
  meter: Schema['MeterName'];
  onClose: () => void;
}

/** Another hour meter is put on the machine. */
export function ReplaceMeter({ machine, meter, onClose }: Props) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const replace = useMutation({
    mutationFn: (payload: Payloads['meter.replaced']) => postToMachine(machine.id, 'meter.replaced', payload),
    onSuccess: async () => {
      await queries.invalidateQueries(
        { predicate: (query) => ['machine', 'fleet', 'trail'].includes(String(query.queryKey[0])) },
      );
      onClose();
    },
  });

  return (
    <MeterDrawer
      number={machine.fleet_number}
      lastKnown={meter === 'main' ? machine.smr_hours : null}
      busy={replace.isPending}
      problem={replace.isError ? problemOf(replace.error, t('state.no_network')) : null}
      onClose={onClose}
      onPost={(payload) => replace.mutate(meter === 'main' ? payload : { ...payload, meter })}
    />
  );
}
