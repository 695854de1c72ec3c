import InputAdornment from '@mui/material/InputAdornment';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import type { ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { decimalMark, unitName } from '../../app/figures';
import type { Draft } from './useDraft';
import type { SheetField } from './useLimits';

interface Props {
  field: SheetField;
  draft: Draft;
  refused: string | null;
}

/** One thing that a sheet asks for: what is known of the machine stands in it, and may be typed over. */
export function FieldOfSheet({ field, draft, refused }: Props) {
  const { t } = useTranslation();
  if (field.kind === 'chart') {
    return field.has_chart ? null : <p className="sheet-no-chart">{t('limits.no_chart')}</p>;
  }
  if (field.kind === 'choice') {
    return <ChoiceOfSheet field={field} draft={draft} refused={refused} />;
  }
  const unit = draft.unitOf(field);
  const from = draft.isTyped(field) ? null : field.from;
  const known = from === null ? undefined : t(`limits.from.${from}`);
  const under = refused ?? known ?? (field.need === 'optional' ? t('limits.optional') : ' ');

  return (
    <LabelledField field={field}>
      <TextField
        id={`field-${field.name}`}
        hiddenLabel
        fullWidth
        value={draft.valueOf(field).replace('.', decimalMark())}
        error={refused !== null}
        helperText={under}
        onChange={(event) => draft.type(field, event.target.value.replace(',', '.'))}
        slotProps={{
          htmlInput: { inputMode: 'decimal', autoComplete: 'off', 'data-testid': `field-${field.name}` },
          input: { endAdornment: <UnitOfField field={field} unit={unit} draft={draft} /> },
        }}
      />
    </LabelledField>
  );
}

/** The question stands over its field in full: a label inside it is cut where it is long. */
function LabelledField({ field, children }: { field: SheetField; children: ReactNode }) {
  return (
    <div className="sheet-field">
      <label htmlFor={`field-${field.name}`}>{field.asks}</label>
      {children}
    </div>
  );
}

function UnitOfField({ field, unit, draft }: { field: SheetField; unit: string; draft: Draft }) {
  const { t } = useTranslation();
  if (field.units.length < 2) {
    return <InputAdornment position="end">{unitName(unit)}</InputAdornment>;
  }

  return (
    <TextField
      select
      variant="standard"
      value={unit}
      className="unit-of-field"
      onChange={(event) => draft.measure(field, event.target.value)}
      slotProps={{ htmlInput: { 'aria-label': t('limits.unit_of', { field: field.asks }) } }}
    >
      {field.units.map((one) => (
        <MenuItem key={one.unit} value={one.unit}>
          {one.symbol}
        </MenuItem>
      ))}
    </TextField>
  );
}

const FEW = 3;

function ChoiceOfSheet({ field, draft, refused }: Props) {
  const value = draft.valueOf(field);
  if (field.choices.length > FEW) {
    return (
      <LabelledField field={field}>
        <TextField
          id={`field-${field.name}`}
          select
          hiddenLabel
          fullWidth
          value={value}
          error={refused !== null}
          helperText={refused ?? ' '}
          onChange={(event) => draft.type(field, event.target.value)}
          slotProps={{ htmlInput: { 'data-testid': `field-${field.name}`, 'aria-label': field.asks } }}
        >
          {field.choices.map((choice) => (
            <MenuItem key={choice.value} value={choice.value}>
              {choice.name}
            </MenuItem>
          ))}
        </TextField>
      </LabelledField>
    );
  }

  return (
    <div className="sheet-choice">
      <span id={`choice-${field.name}`}>{field.asks}</span>
      <ToggleButtonGroup
        exclusive
        fullWidth
        value={value}
        aria-labelledby={`choice-${field.name}`}
        onChange={(_, chosen: string | null) => chosen !== null && draft.type(field, chosen)}
      >
        {field.choices.map((choice) => (
          <ToggleButton key={choice.value} value={choice.value} data-testid={`choice-${field.name}-${choice.value}`}>
            {choice.name}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
    </div>
  );
}
