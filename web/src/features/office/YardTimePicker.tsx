import { AdapterDayjs } from '@mui/x-date-pickers/AdapterDayjs';
import { DateTimePicker } from '@mui/x-date-pickers/DateTimePicker';
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider';
import dayjs from 'dayjs';
import { useTranslation } from 'react-i18next';
import { LOCALES } from '../../app/calendarLocales';

interface Props {
  label: string;
  /** As the yard's clock shows it: 2026-11-24T14:05. Empty while nothing is set. */
  value: string;
  wrong?: string | undefined;
  testId: string;
  disabled?: boolean;
  onChange: (value: string) => void;
}

const FORMAT = 'YYYY-MM-DDTHH:mm';

/** Day and time on the yard's own clock, whatever the clock of this tablet is set to. */
export function YardTimePicker({ label, value, wrong, testId, disabled = false, onChange }: Props) {
  const { i18n } = useTranslation();

  return (
    <LocalizationProvider dateAdapter={AdapterDayjs} adapterLocale={LOCALES[i18n.language] ?? 'en-gb'}>
      <DateTimePicker
        label={label}
        value={value === '' ? null : dayjs(value)}
        ampm={false}
        minutesStep={5}
        disabled={disabled}
        onChange={(next) => onChange(next?.isValid() === true ? next.format(FORMAT) : '')}
        slotProps={{
          textField: { error: wrong !== undefined, helperText: wrong ?? ' ', fullWidth: true },
          field: { 'data-testid': testId } as object,
          toolbar: { hidden: true },
        }}
      />
    </LocalizationProvider>
  );
}
