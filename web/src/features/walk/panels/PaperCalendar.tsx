import { AdapterDayjs } from '@mui/x-date-pickers/AdapterDayjs';
import { DateCalendar } from '@mui/x-date-pickers/DateCalendar';
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider';
import dayjs from 'dayjs';
import { useTranslation } from 'react-i18next';
import { LOCALES } from '../../../app/calendarLocales';

interface Props {
  /** As in YYYY-MM-DD; empty where no day is chosen. */
  date: string;
  disabled: boolean;
  onDate: (date: string) => void;
}

/** The day on a paper by one touch: what is looked at monthly was seen in this month or the one before. */
export default function PaperCalendar({ date, disabled, onDate }: Props) {
  const { i18n } = useTranslation();
  const day = date === '' ? null : dayjs(date);

  return (
    <LocalizationProvider dateAdapter={AdapterDayjs} adapterLocale={LOCALES[i18n.language]}>
      <DateCalendar
        className="paper-calendar"
        data-testid="paper-calendar"
        value={day?.isValid() === true ? day : null}
        disabled={disabled}
        disableFuture
        reduceAnimations
        onChange={(next) => next?.isValid() === true && onDate(next.format('YYYY-MM-DD'))}
      />
    </LocalizationProvider>
  );
}
