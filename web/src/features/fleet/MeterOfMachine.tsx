import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Payloads } from '../../api/entries';
import { problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { figure } from '../../app/figures';
import { MeterDrawer } from './MeterDrawer';
import { postToMachine } from './postToMachine';

interface MeterOfMachineProps {
  machine: { id: string; fleet_number: string; smr_hours: string | null };
  /** By every meter that it had. */
  inAll: string | null;
  mayReplace: boolean;
}

/** What the hour meter shows, what the machine has run in all where that is more, and the way to another meter. */
export function MeterOfMachine({ machine, inAll, mayReplace }: MeterOfMachineProps) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [isOpen, setIsOpen] = useState(false);
  const replace = useMutation({
    mutationFn: (payload: Payloads['meter.replaced']) => postToMachine(machine.id, 'meter.replaced', payload),
    onSuccess: async () => {
      await queries.invalidateQueries(
        { predicate: (query) => ['machine', 'fleet', 'trail'].includes(String(query.queryKey[0])) },
      );
      setIsOpen(false);
    },
  });
  const shows = machine.smr_hours;
  const words = shows === null ? t('meter.never_read') : t('meter.shows', { hours: figure(shows) });

  return (
    <p className="machine-bay" data-testid="meter-of-machine">
      <span>
        {words}
        {shows !== null && inAll !== null && Number(inAll) !== Number(shows) && <small> {t(
          'meter.in_all',
          { hours: figure(inAll) },
        )}</small>}
      </span>
      {mayReplace && (
        <Button testId="replace-meter" onClick={() => setIsOpen(true)}>
          {t('meter.replace')}
        </Button>
      )}
      {isOpen && (
        <MeterDrawer
          number={machine.fleet_number}
          lastKnown={shows}
          busy={replace.isPending}
          problem={replace.isError ? problemOf(replace.error, t('state.no_network')) : null}
          onClose={() => setIsOpen(false)}
          onPost={(payload) => replace.mutate(payload)}
        />
      )}
    </p>
  );
}
