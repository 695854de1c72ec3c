import { calendarDay } from '../../app/figures';

const DAY_MS = 86_400_000;

/** Whole days from one day of the calendar to another; both as year, month and day. */
export const daysBetween = (from: string, until: string): number =>
  Math.round((Date.parse(`${until}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / DAY_MS);

/** The day that comes so many days later. */
export const plusDays = (day: string, days: number): string =>
  new Date(Date.parse(`${day}T12:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);

/** A day of the calendar, without its year as long as it is this one. */
export function dayAndMonth(day: string, today: string): string {
  const words = calendarDay(day);

  return day.slice(0, 4) === today.slice(0, 4) ? words.replace(/[\s,]*\d{4}$/, '') : words;
}
