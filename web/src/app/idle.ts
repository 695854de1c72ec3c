const TOUCHES = ['pointerdown', 'pointerup', 'keydown', 'wheel'] as const;

let last = Date.now();
let watching = false;

/** Somebody is there: they touched the tablet, or stand beside a watch that runs. */
export function stillThere(): void {
  last = Date.now();
}

/** Minutes since somebody was last seen to be there. */
export function idleMinutes(): number {
  if (!watching) {
    watching = true;
    stillThere();
    TOUCHES.forEach((kind) => window.addEventListener(kind, stillThere, { capture: true, passive: true }));
  }

  return (Date.now() - last) / 60_000;
}
