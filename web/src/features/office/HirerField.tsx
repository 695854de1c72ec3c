import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { useLayoutEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { pageChanged } from '../../app/touchGuard';
import { useHirers } from './useOffice';
import './office.css';

export type Hirer = Schema['Hirer'];
/** One that is known, or the name of a new one. */
export type HirerChoice = { known: Hirer } | { name: string };

const LEAST_LETTERS = 2;
const nameOf = (choice: HirerChoice): string => ('known' in choice ? choice.known.name : choice.name);

interface Props {
  value: HirerChoice | null;
  /** Only one who is entered already; no new one. */
  onlyKnown?: boolean;
  onChange: (choice: HirerChoice | null) => void;
}

/** A hirer by three letters of the name, or a new one. */
export function HirerField({ value, onlyKnown = false, onChange }: Props) {
  const { t } = useTranslation();
  const [search, setSearch] = useState('');
  const found = useHirers(search.trim());
  const known: HirerChoice[] = (found.data?.hirers ?? []).map((hirer) => ({ known: hirer }));
  const typed = search.trim();
  // Names come in while somebody types: one that has moved up is not taken for the one that was touched.
  const listed = known.map(nameOf).join('\n');
  useLayoutEffect(pageChanged, [listed]);
  const isNew = !onlyKnown && typed.length >= LEAST_LETTERS && !known.some(
    (one) => nameOf(one).toLowerCase() === typed.toLowerCase(),
  );

  return (
    <Autocomplete
      options={isNew ? [...known, { name: typed }] : known}
      value={value}
      loading={found.isPending}
      loadingText={t('state.fetching')}
      noOptionsText={t(onlyKnown ? 'hirers.none_named' : 'office.type_a_hirer')}
      slotProps={{ listbox: { 'aria-busy': found.isFetching } }}
      filterOptions={(options) => options}
      getOptionLabel={nameOf}
      getOptionKey={(choice) => ('known' in choice ? choice.known.id : 'new')}
      isOptionEqualToValue={(a, b) => nameOf(a) === nameOf(b)}
      onInputChange={(_, next, reason) => setSearch(reason === 'input' ? next : '')}
      onChange={(_, choice) => onChange(choice)}
      renderOption={({ key, ...props }, choice) => (
        <li
          key={key}
          {...props}
          className={`${props.className ?? ''} office-option`}
          data-listed
          data-testid={'known' in choice ? `hirer-${choice.known.name}` : 'new-hirer'}
        >
          <span>{'known' in choice ? <b>{choice.known.name}</b> : t('office.new_hirer', { name: choice.name })}</span>
          {'known' in choice && <i>{choice.known.phone}</i>}
        </li>
      )}
      renderInput={(params) => (
        <TextField
          {...params}
          label={t('office.hirer')}
          slotProps={{ ...params.slotProps, htmlInput: {
            ...params.slotProps.htmlInput,
            'data-testid': 'hirer-field',
          } }}
        />
      )}
    />
  );
}
