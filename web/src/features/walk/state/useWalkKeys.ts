import { useEffect, useRef } from 'react';

/** n and p go on and back, f opens a finding; the others press what is on the page under that name. */
export const WALK_KEYS = ['up', 'enter', 's', 'x', 'c', 'r', 'space', 'f', 'n', 'p', 'd', '?'] as const;

const PRESSES: Record<string, string[]> = { s: ['stands', 'as-expected'], x: ['amiss', 'otherwise'], c: ['cannot-tell', 'break-off'], d: ['decision'] };

interface Acts {
  onNext: () => void;
  onBefore: () => void;
  onHelp: () => void;
  onFinding: () => void;
}

/** The keyboard of a walk. Nothing that is held for a second can be done by one key. */
export function useWalkKeys(acts: Acts): void {
  const latest = useRef(acts);
  useEffect(() => {
    latest.current = acts;
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      if (event.ctrlKey || event.metaKey || event.altKey || event.repeat || target.closest('input, textarea, [role=dialog]') !== null) {
        return;
      }
      if (event.key === 'n') {
        latest.current.onNext();
      } else if (event.key === 'p') {
        latest.current.onBefore();
      } else if (event.key === 'f') {
        latest.current.onFinding();
      } else if (event.key === '?') {
        latest.current.onHelp();
      } else {
        const names = PRESSES[event.key] ?? [];
        document.querySelector<HTMLElement>(names.map((name) => `[data-testid='${name}']:not([disabled])`).join() || ':not(*)')?.click();
      }
    };
    window.addEventListener('keydown', onKey);

    return () => window.removeEventListener('keydown', onKey);
  }, []);
}
