import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { problemOf } from '../../api/problem';
import { Drawer } from '../../app/Drawer';
import { HoldButton } from '../../app/HoldButton';
import { ProblemWords } from '../../app/ProblemWords';
import { useReportFound } from '../office/useOffice';

interface Props {
  machine: { id: string; fleet_number: string };
  onClose: () => void;
}

/** It came back and nobody had it out by this record: it gets a folio, and its return is walked. */
export function FoundDrawer({ machine, onClose }: Props) {
  const { t } = useTranslation();
  const [reason, setReason] = useState('');
  const report = useReportFound(machine.id);

  return (
    <Drawer
      open
      title={t('fleet.found_title', { number: machine.fleet_number })}
      onClose={onClose}
      foot={
        <HoldButton
          tone="jade"
          testId="found"
          disabled={report.isPending || reason.trim().length < 3}
          under={reason.trim().length < 3 ? t('fleet.found_say') : t('act.hold')}
          onHeld={() => report.mutate(reason.trim(), { onSuccess: onClose })}
        >
          {t('fleet.found_act')}
        </HoldButton>
      }
    >
      <p>{t('fleet.found_words')}</p>
      <p>{t('fleet.found_booked')}</p>
      <TextField
        label={t('fleet.found_reason')}
        helperText={t('fleet.found_reason_words')}
        value={reason}
        multiline
        onChange={(event) => setReason(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 500, 'data-testid': 'found-reason' } }}
      />
      {report.isError && <ProblemWords problem={problemOf(report.error, t('state.no_network'))} />}
    </Drawer>
  );
}
