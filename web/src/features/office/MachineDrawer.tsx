import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { ProblemError, problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { HoldButton } from '../../app/HoldButton';
import { ProblemWords } from '../../app/ProblemWords';
import { MiniPlan } from '../../plans/MiniPlan';
import { useAddMachine, useChangeMachine, useModels } from './useOffice';
import './office.css';

type Model = Schema['ModelList']['models'][number];
const LEFT_AS = ['sold', 'scrapped', 'given_back'] as const;
const YEAR = /^\d{4}$/;

interface Props {
  /** The machine that is written down otherwise; none where one is entered. */
  of?: Schema['MachineDetail'];
  onClose: () => void;
  onAdded?: (machineId: string) => void;
}

/** A machine as it stands on its plate; and how it leaves the fleet. */
export function MachineDrawer({ of, onClose, onAdded }: Props) {
  const { t } = useTranslation();
  const models = useModels();
  const add = useAddMachine();
  const change = useChangeMachine(of?.machine.id ?? '');
  const [model, setModel] = useState<Model | null>(null);
  const [number, setNumber] = useState(of?.machine.fleet_number ?? '');
  const [serial, setSerial] = useState(of?.serial ?? '');
  const [bay, setBay] = useState(of?.machine.bay ?? '');
  const [year, setYear] = useState(of?.year === null || of === undefined ? '' : String(of.year));
  const [hours, setHours] = useState('');
  const [why, setWhy] = useState('');
  const [leftAs, setLeftAs] = useState<(typeof LEFT_AS)[number]>('sold');
  const fault = add.error ?? change.error;
  const fields = fault instanceof ProblemError ? (fault.problem.field ?? {}) : {};
  const isBusy = add.isPending || change.isPending;
  const isYear = year === '' || YEAR.test(year);
  const plate = { fleet_number: number.trim(), serial: serial.trim(), bay, year: year === '' ? null : Number(year) };
  const keep = () => {
    if (of !== undefined) {
      change.mutate({ plate }, { onSuccess: onClose });
    } else if (model !== null) {
      add.mutate(
        { model_id: model.id, ...plate, hours: hours.trim() === '' ? null : hours.trim().replace(',', '.') },
        { onSuccess: (added) => (onAdded === undefined ? onClose() : onAdded(added.machine.id)) },
      );
    }
  };
  const field = (
    name: 'fleet_number' | 'serial',
    label: string,
    value: string,
    set: (value: string) => void,
    longest: number,
  ) => (
    <TextField
      label={label}
      value={value}
      error={fields[name] !== undefined}
      helperText={fields[name]?.[0] ?? ' '}
      onChange={(event) => set(event.target.value)}
      slotProps={{ htmlInput: { maxLength: longest, autoCapitalize: 'characters', 'data-testid': name } }}
    />
  );

  return (
    <Drawer
      open
      title={of === undefined ? t('office.add_machine') : of.machine.fleet_number}
      onClose={onClose}
      foot={
        <Button
          tone="jade"
          testId="keep-machine"
          disabled={
            isBusy || number.trim() === '' || serial.trim() === '' || !isYear || (of === undefined && model === null)
          }
          onClick={keep}
        >
          {t(of === undefined ? 'office.enter_machine' : 'office.keep')}
        </Button>
      }
    >
      {of === undefined && (
        <Autocomplete
          options={models.data?.models ?? []}
          value={model}
          loading={models.isPending}
          loadingText={t('state.fetching')}
          noOptionsText={t('office.no_model')}
          groupBy={(one) => one.family}
          getOptionLabel={(one) => `${one.maker} ${one.name}, ${one.describes}`}
          isOptionEqualToValue={(a, b) => a.id === b.id}
          onChange={(_, one) => setModel(one)}
          renderOption={({ key, ...props }, one) => (
            <li
              key={key}
              {...props}
              className={`${props.className ?? ''} office-option`}
              data-testid={`model-${one.id}`}
            >
              <MiniPlan name={one.drawing} height={34} />
              <span>
                <b>{one.maker} {one.name}</b> {one.describes}
              </span>
            </li>
          )}
          renderInput={(params) => (
            <TextField
              {...params}
              label={t('office.model')}
              slotProps={{ ...params.slotProps, htmlInput: {
                ...params.slotProps.htmlInput,
                'data-testid': 'model-field',
              } }}
            />
          )}
        />
      )}
      <div className="two-times">
        {field('fleet_number', t('office.fleet_number'), number, setNumber, 12)}
        {field('serial', t('office.serial'), serial, setSerial, 40)}
        <TextField
          label={t('office.bay')}
          value={bay}
          onChange={(event) => setBay(event.target.value)}
          helperText=" "
          slotProps={{ htmlInput: { maxLength: 40, 'data-testid': 'machine-bay' } }}
        />
        <TextField
          label={t('office.year')}
          value={year}
          error={!isYear}
          helperText={isYear ? ' ' : t('office.year_words')}
          onChange={(event) => setYear(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 4, inputMode: 'numeric', 'data-testid': 'year' } }}
        />
        {of === undefined && (
          <TextField
            label={t('office.hours')}
            value={hours}
            error={fields.hours !== undefined}
            helperText={fields.hours?.[0] ?? ' '}
            onChange={(event) => setHours(event.target.value)}
            slotProps={{ htmlInput: { maxLength: 9, inputMode: 'decimal', 'data-testid': 'machine-hours' } }}
          />
        )}
      </div>
      {fault !== null && <ProblemWords problem={problemOf(fault, t('state.no_network'))} />}
      {of !== undefined && (
        <>
          <h3>{t('office.leaves')}</h3>
          <p>{t('office.leaves_words')}</p>
          <div className="choices">
            {LEFT_AS.map((one) => (
              <Button key={one} pressed={leftAs === one} testId={`left-${one}`} onClick={() => setLeftAs(one)}>
                {t(`office.left.${one}`)}
              </Button>
            ))}
          </div>
          <TextField
            label={t('office.why')}
            value={why}
            onChange={(event) => setWhy(event.target.value)}
            slotProps={{ htmlInput: { maxLength: 300, 'data-testid': 'why-left' } }}
          />
          <div>
            <HoldButton
              tone="oxide"
              testId="leave-fleet"
              disabled={isBusy || why.trim().length < 3}
              under={t('act.hold')}
              onHeld={() => change.mutate({ leave: { as: leftAs, why } }, { onSuccess: onClose })}
            >
              {t('office.leave')}
            </HoldButton>
          </div>
        </>
      )}
    </Drawer>
  );
}
