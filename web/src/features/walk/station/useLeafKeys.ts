import { useKeys } from '../../../app/useKeys';
import type { Item } from './items';

interface Acts {
  items: Item[];
  present: Item | undefined;
  onPick: (item: Item) => void;
  onStands: (item: Item) => void;
  onNotSo: (item: Item) => void;
  onOpen: (item: Item) => void;
  onCarried: () => void;
}

/** The keyboard of a page: up and down pick, Enter stands, x is not so, r opens, Space held says the others. */
export function useLeafKeys({ items, present, ...act }: Acts): void {
  useKeys((event, target) => {
    // An act that is held has its own keys, and so has an instrument.
    if (target.closest('.hold, .panel-in-place') !== null) {
      return;
    }
    const at = items.findIndex((item) => item.id === present?.id);
    const to = items[at + (event.key === 'ArrowDown' ? 1 : -1)];
    if ((event.key === 'ArrowDown' || event.key === 'ArrowUp') && to !== undefined) {
      event.preventDefault();
      act.onPick(to);
    } else if (event.key === ' ' && !event.repeat) {
      holdTheOthers(event);
    } else if (present !== undefined && !event.repeat) {
      const press: Record<string, () => void> = {
        // Whoever has moved to a button means that button.
        ...(target.closest('button, a') === null ? { Enter: () => act.onStands(present) } : {}),
        s: () => act.onStands(present),
        x: () => act.onNotSo(present),
        r: () => act.onOpen(present),
        c: act.onCarried,
      };
      press[event.key]?.();
    }
  });
}

/** The act at the foot is held as with a finger: the key goes on to it, and lets it go again. */
function holdTheOthers(event: KeyboardEvent): void {
  const held = document.querySelector<HTMLElement>('.station-foot .hold:not([disabled])');
  if (held !== null) {
    event.preventDefault();
    held.focus();
    held.dispatchEvent(new KeyboardEvent('keydown', { key: ' ', bubbles: true }));
  }
}
