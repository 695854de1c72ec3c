import { AdapterDayjs } from '@mui/x-date-pickers/AdapterDayjs';
import { DatePicker } from '@mui/x-date-pickers/DatePicker';
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider';
import dayjs, { type Dayjs } from 'dayjs';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { LOCALES } from './calendarLocales';

const DAY = 'YYYY-MM-DD';

interface Props {
  label: string;
  /** A day as ISO 8601 writes it. */
  value: string | null;
  testId: string;
  words?: string;
  /** What is wrong with it, instead of the words. */
  wrong?: string | undefined;
  /** The first day that may be chosen: one has to be. */
  from?: string;
  /** A day that has come already. */
  isPast?: boolean;
  onDay: (day: string | null) => void;
}

/** A day of the calendar, typed or picked, as the reader's language writes it. */
export function DayField({ label, value, testId, words, wrong, from, isPast = false, onDay }: Props) {
  const { i18n } = useTranslation();
  // What is half typed is no day yet and is told as none. It stays in the field until the day is set from elsewhere.
  const [shown, setShown] = useState(() => read(value));
  const [given, setGiven] = useState(value);
  if (value !== given) {
    setGiven(value);
    if (value !== dayOf(shown)) {
      setShown(read(value));
    }
  }

  return (
    <LocalizationProvider dateAdapter={AdapterDayjs} adapterLocale={LOCALES[i18n.language] ?? 'en-gb'}>
      <DatePicker
        label={label}
        value={shown}
        disableFuture={isPast}
        {...(from === undefined ? {} : { minDate: dayjs(from) })}
        onChange={(next) => {
          setShown(next);
          onDay(dayOf(next));
        }}
        slotProps={{
          textField: { error: wrong !== undefined, helperText: wrong ?? words, fullWidth: true },
          field: { 'data-testid': testId, clearable: from === undefined } as object,
        }}
      />
    </LocalizationProvider>
  );
}

const read = (day: string | null): Dayjs | null => (day === null ? null : dayjs(day));

const dayOf = (shown: Dayjs | null): string | null => (shown?.isValid() === true ? shown.format(DAY) : null);
