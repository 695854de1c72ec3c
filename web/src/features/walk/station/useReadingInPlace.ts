import { useState } from 'react';
import { isReadLaterHere } from '../state/readLater';
import type { Position } from '../state/useWalkPosition';
import type { Walk } from '../state/types';
import { quickOf } from './quick';
import type { LeafState } from './useLeaf';

interface InPlace {
  /** Whether the instrument of the present row stands on the page. */
  isShown: boolean;
  /** Sets the instrument of a line; false where the line is no reading that can be made here and now. */
  open: (line: string) => boolean;
  putAway: () => void;
  /** What was read is on its way: the walk goes on. */
  leave: () => void;
}

/**
 * The instrument of the row that is present stands on the page itself: nobody turns to another one to set it. What is
 * most often said by one touch shows its instrument when it is asked for.
 */
export function useReadingInPlace(
  walk: Walk,
  position: Position,
  leaf: LeafState,
  { mayPost }: { mayPost: boolean },
): InPlace {
  const [chosen, setChosen] = useState<{ line: string; isShown: boolean } | null>(null);
  // Kept on the tablet, or answered by the yard a moment ago: it stays until the walk goes on.
  const [shown, setShown] = useState<string | null>(null);
  const { present, items, pick } = leaf;
  const isHere = (line: string) => walk.state.stage === position.visit.stage || isReadLaterHere(walk, line);
  const readable = (line: string) =>
    mayPost && isHere(line)
      ? items.opened.find(
          (item) => item.line.key === line && item.line.instrument !== null && (!item.isDone || shown === line),
        )
      : undefined;
  const item = present === undefined ? undefined : readable(present.line.key);
  const byItself =
    item !== undefined &&
    quickOf(item, walk.state.lines.find(({ key }) => key === item.line.key)) === null;

  const isShown =
    item !== undefined &&
    item.line.key === position.line.key &&
    (chosen?.line === item.line.key ? chosen.isShown : byItself);
  const next = isShown ? item.line.key : null;
  if (shown !== next && (isShown || shown !== position.line.key)) {
    setShown(next);
  }

  return {
    isShown,
    open: (line) => {
      const asked = readable(line);
      if (asked === undefined) {
        return false;
      }
      setChosen({ line, isShown: true });
      pick(asked);

      return true;
    },
    putAway: () => setChosen({ line: position.line.key, isShown: false }),
    leave: () => {
      setShown(null);
      setChosen({ line: position.line.key, isShown: false });
    },
  };
}
