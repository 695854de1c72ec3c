import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';

export interface HirerDetails {
  name: string;
  phone: string;
  mail: string;
  address: string;
  notes: string;
}

export const detailsOf = (hirer: Schema['Hirer'] | null): HirerDetails => ({
  name: hirer?.name ?? '',
  phone: hirer?.phone ?? '',
  mail: hirer?.mail ?? '',
  address: hirer?.address ?? '',
  notes: hirer?.notes ?? '',
});

interface Props {
  value: HirerDetails;
  wrong: Record<string, string[]>;
  onChange: (value: HirerDetails) => void;
}

/** What is written down of a hirer. */
export function HirerFields({ value, wrong, onChange }: Props) {
  const { t } = useTranslation();
  const field = (name: keyof HirerDetails, longest: number, inputMode: 'text' | 'tel' | 'email' = 'text') => (
    <TextField
      label={t(`hirers.${name}`)}
      value={value[name]}
      error={wrong[name] !== undefined}
      helperText={wrong[name]?.[0]}
      multiline={name === 'notes'}
      minRows={name === 'notes' ? 2 : 1}
      onChange={(event) => onChange({ ...value, [name]: event.target.value })}
      slotProps={{ htmlInput: { maxLength: longest, inputMode, 'data-testid': `hirer-of-${name}` } }}
    />
  );

  return (
    <>
      {field('name', 120)}
      <div className="two-times">
        {field('phone', 40, 'tel')}
        {field('mail', 120, 'email')}
      </div>
      {field('address', 300)}
      {field('notes', 2000)}
    </>
  );
}
