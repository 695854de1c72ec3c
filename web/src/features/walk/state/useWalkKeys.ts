import { useKeys } from '../../../app/useKeys';

/** n and p go on and back, f opens a finding; the others press what is on the page under that name. */
export const WALK_KEYS = ['up', 'enter', 's', 'x', 'c', 'r', 'space', 'f', 'n', 'p', 'd', '?'] as const;

const PRESSES: Record<string, string[]> = {
  s: ['stands', 'as-expected'],
  x: ['amiss', 'otherwise'],
  c: ['cannot-tell', 'break-off'],
  d: ['decision'],
};

interface Acts {
  onNext: () => void;
  onBefore: () => void;
  onHelp: () => void;
  onFinding: () => void;
}

/** The keyboard of a walk. Nothing that is held for a second can be done by one key. */
export function useWalkKeys(acts: Acts): void {
  useKeys((event) => {
    const acted: Record<string, () => void> = { n: acts.onNext, p: acts.onBefore, f: acts.onFinding, '?': acts.onHelp };
    if (event.repeat) {
      return;
    }
    const act = acted[event.key];
    if (act !== undefined) {
      act();

      return;
    }
    const names = PRESSES[event.key] ?? [];
    document
      .querySelector<HTMLElement>(names.map((name) => `[data-testid='${name}']:not([disabled])`).join() || ':not(*)')
      ?.click();
  });
}
