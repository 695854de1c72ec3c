import { useEffect, type RefObject } from 'react';
import { hourOfDay } from '../../app/figures';
import { hoursShown, lastTurn, yOf } from './geometry';
import type { Row } from './useDay';

/** How much of the page shows what lies before now: whoever is walking stands there. */
const SEEN_BEFORE = 0.6;

/**
 * The book opens at the present hour and follows it, until somebody has turned to another place; another day at its
 * head. It is never turned past the work that is left on either page: in the evening that is what matters.
 */
export function useNowInSight(
  book: RefObject<HTMLDivElement | null>,
  outs: Row[],
  ins: Row[],
  now: string,
  height: number,
  isToday: boolean,
): void {
  const rows = [...outs, ...ins];
  const isThere = rows.length > 0;
  const last = Math.min(lastTurn(outs), lastTurn(ins));
  const at = isThere ? yOf(hourOfDay(now), hoursShown(rows, now), height) : 0;
  useEffect(() => {
    const page = book.current;
    if (
      page === null ||
      !isThere ||
      page.dataset.turned === 'yes' ||
      getComputedStyle(page).gridTemplateColumns.split(' ').length < 3
    ) {
      return;
    }
    page.scrollTo({ top: isToday ? Math.max(0, Math.min(last, at - page.clientHeight * SEEN_BEFORE)) : 0 });
  }, [book, isThere, at, last, isToday]);
  useEffect(() => {
    const page = book.current;
    const turned = () => {
      if (page !== null) {
        page.setAttribute('data-turned', 'yes');
      }
    };
    page?.addEventListener('wheel', turned, { passive: true });
    page?.addEventListener('touchmove', turned, { passive: true });

    return () => {
      page?.removeEventListener('wheel', turned);
      page?.removeEventListener('touchmove', turned);
    };
  }, [book, isThere]);
}
