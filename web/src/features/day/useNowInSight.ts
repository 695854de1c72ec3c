import { useEffect, type RefObject } from 'react';
import { hourOfDay } from '../../app/figures';
import { hoursShown, yOf } from './geometry';
import type { Row } from './useDay';

/** How much of the page shows what lies before now: whoever is walking stands there. */
const SEEN_BEFORE = 0.6;

/**
 * The book opens at the present hour and follows it, until somebody has turned to another place; another day at its
 * head.
 */
export function useNowInSight(
  book: RefObject<HTMLDivElement | null>,
  rows: Row[],
  now: string,
  height: number,
  isToday: boolean,
): void {
  const isThere = rows.length > 0;
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
    page.scrollTo({ top: isToday ? Math.max(0, at - page.clientHeight * SEEN_BEFORE) : 0 });
  }, [book, isThere, at, isToday]);
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
