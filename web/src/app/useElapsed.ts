import { useEffect, useState } from 'react';
import { stillThere } from './idle';

/** Nothing that is held or waited for takes longer: a watch that was left running keeps no tablet open. */
const LONGEST_WATCH_MS = 30 * 60_000;

/** Whole seconds that passed since a start, counted by the clock and not by ticks: a screen that slept counts on. */
export function useElapsed(startedAt: number | null): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (startedAt === null) {
      return;
    }
    const timer = window.setInterval(() => {
      setNow(Date.now());
      if (Date.now() - startedAt < LONGEST_WATCH_MS) {
        stillThere();
      }
    }, 200);

    return () => window.clearInterval(timer);
  }, [startedAt]);

  return startedAt === null ? 0 : Math.max(0, Math.floor((now - startedAt) / 1000));
}
