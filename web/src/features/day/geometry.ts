import { hourOfDay } from '../../app/figures';
import type { Row } from './useDay';

export const ROW_DONE = 58;
export const ROW_OPEN = 100;
export const FOLD_HEAD = 40;

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

/** The hours that the fold shows: all that the day holds, and never less than eight. */
export function hoursShown(rows: Row[], now: string): [number, number] {
  const moments = rows.flatMap((row) => [
    hourOfDay(row.started_at ?? row.start_by),
    hourOfDay(row.due_at),
    hourOfDay(row.start_by) + row.work_seconds / 3600,
  ]);
  const from = Math.floor(Math.min(...moments, hourOfDay(now)));
  const to = Math.min(24, Math.ceil(Math.max(...moments, hourOfDay(now)) + 0.2));

  return to - from >= 8 ? [from, to] : [Math.max(0, Math.min(from, 24 - 8)), Math.min(24, Math.max(to, from + 8))];
}
