import { useState } from 'react';
import { usePersistentState } from '../../../app/usePersistentState';
import type { PendingAnswers } from '../state/pendingAnswers';
import type { TestRuns } from '../state/testRuns';
import type { Position } from '../state/useWalkPosition';
import type { Walk } from '../state/types';
import { all, itemsOf, notWrittenYet, type Item, type Items } from './items';

export interface LeafState {
  items: Items;
  /** The one that is picked, in the list and on the drawing: what is open first. */
  present: Item | undefined;
  pick: (item: Item) => void;
  /** What was picked is answered: the next one that is open is present. */
  unpick: () => void;
  /** Was touched, and shows as said before the tablet has written it down: a second touch finds nothing to say. */
  touch: (ids: string[]) => void;
  /** What was touched could not be posted: it is open again. */
  untouch: (line: string) => void;
  /** Makes a carried line one that is looked at, for this walk. */
  lookAgain: (item: Item) => void;
}

/** What is on the page that is shown, and what of it is picked: the list and the drawing are two views of one state. */
export function useLeaf(walk: Walk, position: Position, pending: PendingAnswers, tests: TestRuns): LeafState {
  const [looked, setLooked] = usePersistentState<string[]>(`walk.looked.1.${walk.id}`, []);
  const [picked, setPicked] = useState<string | null>(null);
  const [touched, setTouched] = useState<ReadonlySet<string>>(new Set());
  const left = notWrittenYet(touched, { walk, pending, tests });
  if (left.length < touched.size) {
    setTouched(new Set(left));
  }
  const items = itemsOf(position.visit, position.leaf, { walk, pending, tests, touched, looked });
  const every = all(items);
  const open = every.filter((item) => !item.isDone);
  const here = position.line.key;

  return {
    items,
    present:
      open.find((item) => item.id === picked) ??
      open.find((item) => item.line.key === here) ??
      every.find((item) => item.line.key === here) ??
      every[0],
    pick: (item) => {
      setPicked(item.id);
      position.goLine(item.line.key);
    },
    unpick: () => setPicked(null),
    touch: (ids) => setTouched((before) => new Set([...before, ...ids])),
    untouch: (line) => setTouched((before) => new Set([...before].filter((id) => id.split(':')[0] !== line))),
    lookAgain: (item) => setLooked([...looked, item.line.key]),
  };
}
