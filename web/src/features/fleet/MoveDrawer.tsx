import TextField from '@mui/material/TextField';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { ProblemWords } from '../../app/ProblemWords';
import { postToMachine } from './postToMachine';
import { useFleet } from './useFleet';

interface MoveDrawerProps {
  machine: { id: string; fleet_number: string; bay: string | null };
  onClose: () => void;
}

/** Where a machine stands from now on: a bay that others stand in, or another one. */
export function MoveDrawer({ machine, onClose }: MoveDrawerProps) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [bay, setBay] = useState('');
  const fleet = useFleet();
  const known = [
    ...new Set((fleet.data?.pages ?? []).flatMap(({ machines }) => machines.flatMap((one) => one.bay ?? []))),
  ].sort();
  const move = useMutation({
    mutationFn: (to: string) => postToMachine(machine.id, 'machine.moved', { bay: to }),
    onSuccess: async () => {
      await queries.invalidateQueries({
        predicate: (query) => ['machine', 'fleet', 'trail', 'day'].includes(String(query.queryKey[0])),
      });
      onClose();
    },
  });

  return (
    <Drawer
      open
      title={t('fleet.move_title', { number: machine.fleet_number })}
      onClose={onClose}
      foot={
        <Button
          tone="jade"
          testId="move"
          disabled={move.isPending || bay.trim() === ''}
          onClick={() => move.mutate(bay.trim())}
        >
          {t('fleet.move')}
        </Button>
      }
    >
      <p>{machine.bay === null ? t('fleet.no_bay') : t('fleet.stands_in', { bay: machine.bay })}</p>
      <div className="choices">
        {known
          .filter((one) => one !== machine.bay)
          .map((one) => (
            <Button key={one} pressed={bay === one} testId={`bay-${one}`} onClick={() => setBay(one)}>
              {one}
            </Button>
          ))}
      </div>
      <TextField
        label={t('fleet.other_bay')}
        value={bay}
        onChange={(event) => setBay(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 40, 'data-testid': 'bay' } }}
      />
      {move.isError && <ProblemWords problem={problemOf(move.error, t('state.no_network'))} />}
    </Drawer>
  );
}
