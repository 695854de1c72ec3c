import { expect, test } from 'vitest';
import { hoursOfSlack } from '../src/features/day/geometry';

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
