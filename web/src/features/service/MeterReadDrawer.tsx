import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { ProblemError, problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { figure } from '../../app/figures';
import { ProblemWords } from '../../app/ProblemWords';
import { usePostService } from './useService';

interface Props {
  machine: { id: string; fleet_number: string; smr_hours: string | null };
  onReplaced: () => void;
  onClose: () => void;
}

/** The hour meter as it is read in the bay, and the way to another meter. */
export function MeterReadDrawer({ machine, onReplaced, onClose }: Props) {
  const { t } = useTranslation();
  const read = usePostService(machine.id, 'meter.read');
  const [hours, setHours] = useState('');
  const figureOf = hours.trim().replace(',', '.');
  const fields = read.error instanceof ProblemError ? (read.error.problem.field ?? {}) : {};

  return (
    <Drawer
      open
      title={t('service.read_meter_of', { number: machine.fleet_number })}
      onClose={onClose}
      foot={
        <>
          <Button testId="replace-meter" onClick={onReplaced}>
            {t('meter.replace')}
          </Button>
          <Button
            tone="jade"
            testId="meter-read"
            disabled={read.isPending || !/^\d+(\.\d)?$/.test(figureOf)}
            onClick={() => read.mutate({ hours: figureOf }, { onSuccess: onClose })}
          >
            {t('service.post_reading')}
          </Button>
        </>
      }
    >
      <p>
        {machine.smr_hours === null
          ? t('meter.never_read')
          : t('meter.last_known', { hours: figure(machine.smr_hours) })}
      </p>
      <TextField
        label={t('service.shows')}
        value={hours}
        error={fields.hours !== undefined}
        helperText={fields.hours?.[0] ?? t('meter.only_hours')}
        onChange={(event) => setHours(event.target.value)}
        slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 9, 'data-testid': 'meter-hours' } }}
      />
      {read.isError && <ProblemWords problem={problemOf(read.error, t('state.no_network'))} />}
    </Drawer>
  );
}
