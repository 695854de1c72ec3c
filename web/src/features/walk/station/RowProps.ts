import type { Item } from './items';

/** What every row of a page is given. */
export interface RowProps {
  item: Item;
  isPresent: boolean;
  mayAnswer: boolean;
  /** Seconds for which it is still to be held. */
  waits: number;
  onPick: () => void;
  onStands: () => void;
  onStart: () => void;
  onNotSo: () => void;
  onOpen: () => void;
}
