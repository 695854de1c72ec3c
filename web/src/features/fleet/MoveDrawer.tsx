import TextField from '@mui/material/TextField';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { v7 as uuid } from 'uuid';
import { answer, api } from '../../api/client';
import { entryOf } from '../../api/entries';
import { ProblemError, problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { ProblemWords } from '../../app/ProblemWords';
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
  const known = [...new Set((fleet.data?.machines ?? []).flatMap((one) => one.bay ?? []))].sort();
  const move = useMutation({
    mutationFn: async (to: string) => {
      const entry = entryOf(uuid(), 'machine.moved', { bay: to });
      const params = { path: { machine: machine.id } };
      const { results } = await answer(api.POST('/api/machines/{machine}/entries', { params, body: { entries: [entry] } }));
      const problem = results[0]?.problem;
      if (problem !== undefined) {
        throw new ProblemError(problem);
      }
    },
    onSuccess: async () => {
      await queries.invalidateQueries({ predicate: (query) => ['machine', 'machines', 'trail', 'day'].includes(String(query.queryKey[0])) });
      onClose();
    },
  });

  return (
    <Drawer
      open
      title={t('fleet.move_title', { number: machine.fleet_number })}
      onClose={onClose}
      foot={
        <Button tone="jade" testId="move" disabled={move.isPending || bay.trim() === ''} onClick={() => move.mutate(bay.trim())}>
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
