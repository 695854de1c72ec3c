import type { Payloads } from '../../../api/entries';
import type { LineState } from '../state/types';
import type { Item, Items } from './items';

/** What is most often so, and is said with one touch: no lamp is lit, the figure is the one of the walk before. */
export type Quick =
  | { kind: 'reading.posted'; payload: Payloads['reading.posted'] }
  | { kind: 'dashboard.read'; payload: Payloads['dashboard.read'] }
  | { kind: 'paper.compared'; payload: Payloads['paper.compared'] };

/** Nothing where it has to be read: the act shows the figure that it posts, and the yard judges it. */
export function quickOf({ line, shortcut }: Item, state: LineState | undefined): Quick | null {
  if (shortcut === 'nothing_lit') {
    return { kind: 'dashboard.read', payload: { line: line.key, lamps: [], codes: [] } };
  }
  const last = state?.last ?? null;

  return (shortcut === 'as_before' || shortcut === 'as_many') && line.instrument !== null && last !== null
    ? { kind: 'reading.posted', payload: { line: line.key, value: last, unit: line.instrument.unit, observed: [] } }
    : null;
}

/** Counts that are said by the held act, where it is known how many there were. */
export const countedOf = ({ opened }: Items, states: LineState[]): { item: Item; quick: Quick }[] =>
  opened.flatMap((item) => {
    const quick =
      item.shortcut === 'as_many' && !item.isDone
        ? quickOf(item, states.find(({ key }) => key === item.line.key))
        : null;

    return quick === null ? [] : [{ item, quick }];
  });

/** That this is what the plate says; the yard compares it with the record. */
export const onThePlate = ({ line }: Item, serial: string): Quick => ({
  kind: 'paper.compared',
  payload: { line: line.key, serial },
});
