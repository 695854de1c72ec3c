import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import type { AskedLimit } from './useCatalogue';

interface Props {
  limits: AskedLimit[];
  entered: Record<string, string>;
  faults: Record<string, string[]>;
  onEnter: (name: string, value: string) => void;
}

/** One group of figures for each instrument, under the checks that ask for it. */
export function LimitFields({ limits, entered, faults, onEnter }: Props) {
  const { t } = useTranslation();

  return limits.map((limit) => (
    <fieldset key={limit.name}>
      <legend>{limit.asked_by.join('; ')}</legend>
      {limit.fields.map((field) => (
        <TextField
          key={field.name}
          select={field.choices.length > 0}
          label={field.is_needed ? field.label : t('sheet.if_any', { label: field.label })}
          value={entered[field.name] ?? ''}
          error={faults[field.name] !== undefined}
          helperText={
            faults[field.name] !== undefined && (entered[field.name] ?? '') === ''
              ? t('sheet.still_asked')
              : faults[field.name]?.[0]
          }
          onChange={(event) => onEnter(field.name, event.target.value)}
          slotProps={{
            htmlInput: {
              'data-testid': `limit-${field.name}`,
              inputMode: field.type === 'text' ? 'text' : 'decimal',
              maxLength: 240,
            },
          }}
        >
          {field.choices.map((choice) => (
            <MenuItem key={choice} value={choice}>
              {t(`sheet.choice.${choice}`, { defaultValue: choice })}
            </MenuItem>
          ))}
        </TextField>
      ))}
    </fieldset>
  ));
}
