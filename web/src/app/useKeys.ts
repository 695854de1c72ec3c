import { useEffect, useRef } from 'react';

/**
 * Keys that were pressed where nothing is typed and no leaf is open. Those with Ctrl, Alt or Meta belong to the
 * browser.
 *
 * @param onKey is asked anew each time, with the element that has the focus
 */
export function useKeys(onKey: (event: KeyboardEvent, target: HTMLElement) => void): void {
  const latest = useRef(onKey);
  useEffect(() => {
    latest.current = onKey;
  });
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      const isTaken =
        event.ctrlKey || event.metaKey || event.altKey || target.closest('input, textarea, [role=dialog]') !== null;
      if (!isTaken) {
        latest.current(event, target);
      }
    };
    window.addEventListener('keydown', pressed);

    return () => window.removeEventListener('keydown', pressed);
  }, []);
}
