import { useEffect, useState } from 'react';

const TICK_MS = 15_000;

/**
 * The yard's time of day while the page is open: what the yard said, and what has passed on this tablet since.
 *
 * @param said the moment that the yard said, ISO 8601
 * @param heardAt when it was heard, milliseconds by the clock of this tablet
 */
export function useYardNow(said: string, heardAt: number): string {
  const [here, setHere] = useState(() => Date.now());
  useEffect(() => {
    const timer = window.setInterval(() => setHere(Date.now()), TICK_MS);

    return () => window.clearInterval(timer);
  }, []);

  return new Date(Date.parse(said) + Math.max(0, here - heardAt)).toISOString();
}
