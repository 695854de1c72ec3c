import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { useMemo } from 'react';
import { useTranslation } from 'react-i18next';
import { currencies } from './figures';

interface Props {
  value: string | null;
  wrong?: string | undefined;
  words?: string;
  onChange: (currency: string) => void;
}

/** The money of a yard, by its code or its name. */
export function CurrencyField({ value, wrong, words, onChange }: Props) {
  const { t, i18n } = useTranslation();
  const all = useMemo(() => currencies(i18n.language), [i18n.language]);

  return (
    <Autocomplete
      options={all}
      value={all.find((one) => one.code === value) ?? null}
      getOptionLabel={(one) => one.name}
      getOptionKey={(one) => one.code}
      onChange={(_, one) => one !== null && onChange(one.code)}
      renderInput={(params) => (
        <TextField
          {...params}
          label={t('money.currency')}
          error={wrong !== undefined}
          helperText={wrong ?? words}
          slotProps={{ ...params.slotProps, htmlInput: { ...params.slotProps.htmlInput, 'data-testid': 'currency' } }}
        />
      )}
    />
  );
}
