import TextField from '@mui/material/TextField';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { ProblemWords } from '../../app/ProblemWords';
import { postToMachine } from './postToMachine';

interface Props {
  machine: { id: string; fleet_number: string };
  attachment: NonNullable<Schema['MachineDetail']['attachment']>;
  onClose: () => void;
}

/** Another attachment, by the yard's own name for it; or none. */
export function AttachmentDrawer({ machine, attachment, onClose }: Props) {
  const { t } = useTranslation();
  const [name, setName] = useState('');
  const change = useMutation({
    mutationFn: (fitted: string | null) => postToMachine(machine.id, 'attachment.changed', { fitted }),
    onSuccess: onClose,
  });

  return (
    <Drawer
      open
      title={`${machine.fleet_number}: ${t('fleet.change_attachment')}`}
      onClose={onClose}
      foot={
        <>
          <Button testId="take-off" disabled={change.isPending} onClick={() => change.mutate(null)}>
            {t('fleet.take_off')}
          </Button>
          <Button
            tone="jade"
            testId="fit"
            disabled={change.isPending || name.trim() === ''}
            onClick={() => change.mutate(name.trim())}
          >
            {t('fleet.fit')}
          </Button>
        </>
      }
    >
      <p className="slab">{t('fleet.attachment_words')}</p>
      <p>{fittedWords(attachment, t)}</p>
      <TextField
        label={t('fleet.attachment_name')}
        value={name}
        onChange={(event) => setName(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 80, 'data-testid': 'attachment' } }}
      />
      {change.isError && <ProblemWords problem={problemOf(change.error, t('state.no_network'))} />}
    </Drawer>
  );
}

/** What is fitted, in words; also where nothing is, and where nobody has said. */
export function fittedWords({ fitted, since }: Props['attachment'], t: (key: string) => string): string {
  if (since === null) {
    return t('fleet.fitted_unknown');
  }

  return fitted ?? t('fleet.fitted_none');
}
