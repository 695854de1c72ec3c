import 'dayjs/locale/en-gb';
import 'dayjs/locale/es';

/** How calendars are written, by the language of the reader. */
export const LOCALES: Record<string, string> = { en: 'en-gb', es: 'es' };
