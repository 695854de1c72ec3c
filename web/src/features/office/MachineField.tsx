import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { useLayoutEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { pageChanged } from '../../app/touchGuard';
import { MiniPlan } from '../../plans/MiniPlan';
import { useFoundMachines } from './useOffice';
import './office.css';

interface Props {
  value: Schema['MachineRow'] | null;
  onChange: (machine: Schema['MachineRow'] | null) => void;
}

/** A machine by its number or its serial. */
export function MachineField({ value, onChange }: Props) {
  const { t } = useTranslation();
  const [search, setSearch] = useState('');
  const found = useFoundMachines(search);
  // Machines come in while somebody types: one that has moved up is not taken for the one that was touched.
  const listed = (found.data?.machines ?? []).map(({ id }) => id).join();
  useLayoutEffect(pageChanged, [listed]);

  return (
    <Autocomplete
      options={found.data?.machines ?? []}
      value={value}
      loading={found.isPending}
      loadingText={t('state.fetching')}
      noOptionsText={t('office.no_machine')}
      slotProps={{ listbox: { 'aria-busy': found.isFetching } }}
      // The yard has searched already, also in the serial, which is not shown.
      filterOptions={(options) => options}
      getOptionLabel={(machine) => `${machine.fleet_number} ${machine.describes}`}
      isOptionEqualToValue={(a, b) => a.id === b.id}
      onInputChange={(_, typed, reason) => setSearch(reason === 'input' ? typed : '')}
      onChange={(_, machine) => onChange(machine)}
      renderOption={({ key, ...props }, machine) => (
        <li
          key={key}
          {...props}
          className={`${props.className ?? ''} office-option`}
          data-listed
          data-testid={`take-${machine.fleet_number}`}
        >
          <MiniPlan name={machine.drawing} height={34} />
          <span>
            <b>{machine.fleet_number}</b> {machine.describes}
          </span>
          <i>{machine.words}</i>
        </li>
      )}
      renderInput={(params) => (
        <TextField
          {...params}
          label={t('office.machine')}
          slotProps={{ ...params.slotProps, htmlInput: {
            ...params.slotProps.htmlInput,
            'data-testid': 'machine-field',
          } }}
        />
      )}
    />
  );
}
