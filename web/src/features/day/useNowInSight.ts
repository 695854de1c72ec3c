import { useEffect, useEffectEvent, type RefObject } from 'react';
import { hourOfDay } from '../../app/figures';
import { hoursShown, turnTo, yOf } from './geometry';
import type { Row } from './useDay';

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
  const at = isThere ? yOf(hourOfDay(now), hoursShown(rows, now), height) : 0;
  const turn = useEffectEvent((view: number) => (isToday ? turnTo(outs, ins, at, view) : 0));
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
    page.scrollTo({ top: turn(page.clientHeight) });
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
