import { expect, test } from 'vitest';
import { hourOn, hoursOfSlack, hoursShown, ROW_DONE, ROW_OPEN, turnTo } from '../src/features/day/geometry';
import type { Row } from '../src/features/day/useDay';

const START = { start_by: '2026-11-24T10:56:00.000Z', at_hand_from: null };

test('a machine that is at hand has the time from now to its latest start', () => {
  expect(hoursOfSlack(START, '2026-11-24T10:26:00.000Z')).toBe(0.5);
});

test('a machine that comes back first has the time from then', () => {
  expect(hoursOfSlack({ ...START, at_hand_from: '2026-11-24T10:41:00.000Z' }, '2026-11-24T09:00:00.000Z')).toBe(0.25);
});

test('nothing is left when it is late', () => {
  expect(hoursOfSlack(START, '2026-11-24T11:00:00.000Z')).toBe(0);
});

const row = (done_at: string | null) => ({ done_at, state: { mark: 'open' } }) as Row;
const DONE = row('2026-11-24T10:00:00.000Z');
const OPEN = row(null);

// A page of 584 pixels: 500 of rows between its head and its totals.
const VIEW = 584;

test('the book is turned to the present hour, and not past the last two rows of work on either page', () => {
  const outs = Array.from({ length: 12 }, () => OPEN);
  expect(turnTo(outs, [], 800, VIEW)).toBeCloseTo(800 - 0.6 * VIEW);
  expect(turnTo(outs, [], 100, VIEW)).toBe(0);
  expect(turnTo(outs, [OPEN, OPEN, OPEN, OPEN], 800, VIEW)).toBe(2 * ROW_OPEN);
  expect(turnTo(outs, [DONE, DONE, OPEN, DONE, DONE], 800, VIEW)).toBe(2 * ROW_DONE - ROW_OPEN);
  expect(turnTo([DONE, DONE], [DONE], 800, VIEW)).toBeCloseTo(800 - 0.6 * VIEW);
});

test('one late machine at the head of a page does not keep the next one to start out of sight', () => {
  const outs = [...Array.from({ length: 14 }, () => DONE), OPEN, OPEN];

  expect(turnTo(outs, [OPEN], 1_200, VIEW)).toBe(14 * ROW_DONE + ROW_OPEN - 500);
});

test('an hour after midnight comes after the evening, and the evening before comes before', () => {
  expect(hourOn('2026-11-25T00:30:00.000Z', '2026-11-24T23:45:00.000Z')).toBe(24.5);
  expect(hourOn('2026-11-24T07:00:00.000Z', '2026-11-24T23:45:00.000Z')).toBe(7);
  expect(hourOn('2026-11-23T22:00:00.000Z', '2026-11-24T00:15:00.000Z')).toBe(-2);
});

test('the fold of an evening ends after the work of the night, and begins with the first hour of the day', () => {
  const late = { ...row(null), started_at: null, work_seconds: 1800 };
  const rows = [
    { ...late, start_by: '2026-11-24T19:00:00.000Z', due_at: '2026-11-24T20:00:00.000Z' },
    { ...late, start_by: '2026-11-25T00:33:00.000Z', due_at: '2026-11-24T23:33:00.000Z' },
  ];

  expect(hoursShown(rows, '2026-11-24T23:45:00.000Z')).toEqual([18, 26]);
  expect(hoursShown(rows.slice(0, 1), '2026-11-24T09:10:00.000Z')).toEqual([9, 21]);
});
