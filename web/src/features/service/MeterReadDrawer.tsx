import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { ProblemError, problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { figure } from '../../app/figures';
import { ProblemWords } from '../../app/ProblemWords';
import { usePostService } from './useService';

interface Props {
  machine: { id: string; fleet_number: string; smr_hours: string | null };
  /** Its second meter, where it has one. */
  workMeter: Schema['ServiceOfMachine']['work_meter'];
  onReplaced: (meter: Schema['MeterName']) => void;
  onClose: () => void;
}

/** The hour meter as it is read in the bay, and the way to another meter. */
export function MeterReadDrawer({ machine, workMeter, onReplaced, onClose }: Props) {
  const { t } = useTranslation();
  const read = usePostService(machine.id, 'meter.read');
  const [hours, setHours] = useState('');
  const [meter, setMeter] = useState<Schema['MeterName']>('main');
  const last = meter === 'main' ? machine.smr_hours : (workMeter?.readings.at(-1)?.shows ?? null);
  const figureOf = hours.trim().replace(',', '.');
  const isFigure = /^\d{1,7}(\.\d)?$/.test(figureOf);
  const fields = read.error instanceof ProblemError ? (read.error.problem.field ?? {}) : {};

  return (
    <Drawer
      open
      title={t('service.read_meter_of', { number: machine.fleet_number })}
      onClose={onClose}
      foot={
        <>
          <Button testId="replace-meter" onClick={() => onReplaced(meter)}>
            {t('meter.replace')}
          </Button>
          <Button
            tone="jade"
            testId="meter-read"
            disabled={read.isPending || !isFigure}
            onClick={() =>
              read.mutate({ hours: figureOf, ...(meter === 'main' ? {} : { meter }) }, { onSuccess: onClose })
            }
          >
            {t('service.post_reading')}
          </Button>
        </>
      }
    >
      {workMeter !== null && (
        <div className="choices">
          {(['main', 'work'] as const).map((one) => (
            <Button key={one} pressed={meter === one} testId={`meter-${one}`} onClick={() => setMeter(one)}>
              {t(one === 'main' ? 'meter.main' : 'meter.work_short')}
            </Button>
          ))}
        </div>
      )}
      <p>{last === null ? t('meter.never_read') : t('meter.last_known', { hours: figure(last) })}</p>
      <TextField
        label={t('service.shows')}
        value={hours}
        error={fields.hours !== undefined || (figureOf !== '' && !isFigure)}
        helperText={fields.hours?.[0] ?? t('meter.only_hours')}
        onChange={(event) => setHours(event.target.value)}
        slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 9, 'data-testid': 'meter-hours' } }}
      />
      {read.isError && <ProblemWords problem={problemOf(read.error, t('state.no_network'))} />}
    </Drawer>
  );
}
