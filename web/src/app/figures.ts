/** Dates and figures are formatted here and nowhere else. */

const THIN_SPACE = '\u2009';
const MINUS = '\u2212';

let zone = 'UTC';
let locale = 'en-GB';
let mark = '.';

/** The yard's own time zone, told once by the session. */
export function setZone(timezone: string): void {
  zone = timezone;
}

/** How dates are written: a BCP 47 tag. */
export function setLocale(tag: string): void {
  locale = tag;
  mark = new Intl.NumberFormat(tag).formatToParts(0.5).find((part) => part.type === 'decimal')?.value ?? '.';
}

/** The sign between the whole and its parts, as the language has it. */
export const decimalMark = (): string => mark;

function parts(moment: string, options: Intl.DateTimeFormatOptions): string {
  return new Intl.DateTimeFormat(locale, { timeZone: zone, ...options }).format(new Date(moment));
}

/** 14:05 */
export const clock = (moment: string): string =>
  parts(moment, { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' });

/** Tuesday 24 November */
export function longDate(moment: string): string {
  const date = parts(moment, { weekday: 'long', day: 'numeric', month: 'long' }).replace(',', '');

  // It heads a page: some languages write the days of the week small.
  return date.charAt(0).toLocaleUpperCase(locale) + date.slice(1);
}

/** 24 Nov 14:05 */
export const shortDate = (moment: string): string =>
  `${parts(moment, { day: 'numeric', month: 'short' })} ${clock(moment)}`;

/** An amount as the reader writes it, with the sign of its money: £84.50, 84,50 €. */
export const money = ({ amount, currency }: { amount: string; currency: string }): string =>
  new Intl.NumberFormat(locale, { style: 'currency', currency }).format(Number(amount));

/** Names of money in a language, the code first; what is paid with today says the yard. */
export function currencies(language: string): { code: string; name: string }[] {
  const names = new Intl.DisplayNames(language, { type: 'currency' });

  return Intl.supportedValuesOf('currency').map((code) => ({ code, name: `${code}, ${names.of(code) ?? code}` }));
}

/** A moment as the yard's clock shows it, to be set: 2026-11-24T14:05 */
export function onYardClock(moment: string): string {
  const options = { year: 'numeric', month: '2-digit', day: '2-digit', hour: '2-digit', minute: '2-digit' } as const;
  const found = new Intl.DateTimeFormat(
    'en-CA',
    { timeZone: zone, hourCycle: 'h23', ...options },
  ).formatToParts(new Date(moment));
  const of = (type: string) => found.find((part) => part.type === type)?.value ?? '';

  return `${of('year')}-${of('month')}-${of('day')}T${of('hour')}:${of('minute')}`;
}

/** 24 Nov 2026, of a day of the calendar that has no hour and no zone. */
export function calendarDay(date: string): string {
  const options = { timeZone: 'UTC', day: 'numeric', month: 'short', year: 'numeric' } as const;

  return new Intl.DateTimeFormat(locale, options).format(new Date(`${date}T00:00:00Z`));
}

/** Hours since midnight in the yard, with decimals. */
export function hourOfDay(moment: string): number {
  const [hours, minutes] = clock(moment).split(':').map(Number);

  return (hours ?? 0) + (minutes ?? 0) / 60;
}

/** 1 h 43, or 19 min */
export function duration(seconds: number): string {
  const minutes = Math.max(0, Math.round(seconds / 60));

  return minutes < 60 ? `${minutes} min` : `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')}`;
}

/** Decimal text with a thin space every three digits, a true minus and the decimal mark of the language. */
export function figure(decimal: string): string {
  const [whole = '0', fraction] = decimal.replace('-', '').split('.');
  const grouped = whole.replace(/\B(?=(\d{3})+(?!\d))/g, THIN_SPACE);

  return `${decimal.startsWith('-') ? MINUS : ''}${grouped}${fraction === undefined ? '' : `${mark}${fraction}`}`;
}

/** A difference: signed, plain 0 for none. */
export function signed(decimal: string): string {
  const amount = Number(decimal);
  if (amount === 0) {
    return '0';
  }

  return amount > 0 ? `+${figure(decimal)}` : figure(decimal);
}

const UNITS: Record<string, string> = {
  mm: 'mm',
  l: 'L',
  h: 'h',
  pcs: '',
  deg: '°',
  min: 'min',
  degC: '°C',
  percent: '%',
  m_s: 'm/s',
  sg: '',
  m2: 'm²',
  m3: 'm³',
  mm2: 'mm²',
  kg_m3: 'kg/m³',
  m3_min: 'm³/min',
  l_h: 'L/h',
  m_s2: 'm/s²',
  d: 'days',
};

/** The unit as it is written beside a figure. */
export const unitName = (unit: string): string => UNITS[unit] ?? unit;

const SIGNS = '%|mm|cm|m|km|kg|t|L|kPa|bar|psi|min|s|h|V|A|kW|kVA|hp|CV|ft|in|lb';
const BEFORE_A_UNIT = new RegExp(`(\\d) (?=(?:°[CF]?|${SIGNS})(?!\\p{L}))`, 'gu');

/** A sentence in which no line ends between a figure and its unit. */
export const unbroken = (words: string): string => words.replace(BEFORE_A_UNIT, '$1\u00a0');

/** As many decimals as the step of an instrument has. */
export function atStep(value: number, step: number): string {
  return value.toFixed(step < 1 ? Math.ceil(-Math.log10(step) - 1e-9) : 0);
}
