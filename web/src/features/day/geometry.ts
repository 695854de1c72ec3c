import { hourOfDay } from '../../app/figures';
import type { Row } from './useDay';

export const ROW_DONE = 58;
export const ROW_OPEN = 100;
export const FOLD_HEAD = 40;
/** Six in the morning of the next day. */
const LATEST = 30;
const LEAST_HOURS = 8;

export const rowHeight = (row: Row): number =>
  row.done_at !== null && row.state.mark !== 'stop' ? ROW_DONE : ROW_OPEN;

/** Where an hour lies on the fold, in pixels from the head of the book. */
export const yOf = (hour: number, [from, to]: [number, number], height: number): number =>
  FOLD_HEAD + 18 + ((hour - from) / (to - from)) * (height - 44);

/** How much time is left between the earliest and the latest start. */
export function hoursOfSlack(row: Pick<Row, 'start_by' | 'at_hand_from'>, now: string): number {
  const earliest = Math.max(Date.parse(now), Date.parse(row.at_hand_from ?? now));

  return Math.max(0, Date.parse(row.start_by) - earliest) / 3_600_000;
}

/** Hours since the midnight before `of`, on the yard's clock: what lies beyond the next midnight has more than 24. */
export function hourOn(moment: string, of: string): number {
  const apart = (Date.parse(moment) - Date.parse(of)) / 3_600_000;

  return hourOfDay(moment) + 24 * Math.round((apart - hourOfDay(moment) + hourOfDay(of)) / 24);
}

/** The hours that the fold shows: all that the day holds, some of the night after it, and never less than eight. */
export function hoursShown(rows: Row[], now: string): [number, number] {
  const moments = rows.flatMap((row) => [
    hourOn(row.started_at ?? row.start_by, now),
    hourOn(row.due_at, now),
    hourOn(row.start_by, now) + row.work_seconds / 3600,
  ]);
  const from = Math.max(0, Math.floor(Math.min(...moments, hourOfDay(now))));
  const to = Math.min(LATEST, Math.ceil(Math.max(...moments, hourOfDay(now)) + 0.2));
  const end = Math.max(to, Math.min(24, from + LEAST_HOURS));

  return [Math.max(0, Math.min(from, end - LEAST_HOURS)), end];
}

/** How much of the page shows what lies before now: whoever is walking stands there. */
const SEEN_BEFORE = 0.6;
/** What the totals take off the foot of a page. */
const FOOT = 44;

/**
 * How far the book is turned, in pixels: to the present hour, and not past the work that is left on either page, as
 * long as the first work of both stays in sight.
 *
 * @param hand where the present hour lies
 * @param view height of the page
 */
export function turnTo(outs: Row[], ins: Row[], hand: number, view: number): number {
  const wanted = Math.max(0, hand - view * SEEN_BEFORE);
  const first = Math.max(firstWork(outs), firstWork(ins)) - (view - FOLD_HEAD - FOOT);

  return Math.min(wanted, Math.max(0, first, Math.min(lastWork(outs), lastWork(ins)) - 2 * ROW_OPEN));
}

const heightOf = (rows: Row[]): number => rows.reduce((height, row) => height + rowHeight(row), 0);

/** Where the first row of work ends; nowhere where none is left. */
function firstWork(rows: Row[]): number {
  const at = rows.findIndex((row) => row.done_at === null);

  return at === -1 ? -Infinity : heightOf(rows.slice(0, at + 1));
}

/** Where the last row of work ends. */
function lastWork(rows: Row[]): number {
  const at = rows.findLastIndex((row) => row.done_at === null);

  return at === -1 ? Infinity : heightOf(rows.slice(0, at + 1));
}
