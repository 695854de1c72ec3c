/**
 * For how long after the page changed, and at one place after a press, nothing answers. Gloves bounce; pages turn
 * under fingers.
 */
const SETTLE_MS = 400;
/** How far apart two presses are to count as two places, in CSS pixels. */
const SAME_PLACE_PX = 32;
const ACTS = 'button, a[href], [role="button"], [role="slider"], input, textarea, label, summary, [data-listed]';
/** Keys that are meant to be pressed in quick succession: digits, steps. */
const REPEATS = '[data-repeats]';

interface Press {
  target: Node;
  x: number;
  y: number;
}

let changedAt = Number.NEGATIVE_INFINITY;
let settling: number | undefined;
let lastPress: Press | null = null;
let lastTaken: { x: number; y: number; at: number } | null = null;

/** Something else stands on the page now: whoever is about to touch it has not seen it yet. */
export function pageChanged(): void {
  changedAt = performance.now();
  document.documentElement.dataset.settling = '';
  window.clearTimeout(settling);
  settling = window.setTimeout(() => delete document.documentElement.dataset.settling, SETTLE_MS);
}

/** Whether the page has stood still for long enough that a touch is meant for what is there. */
export const isSettled = (): boolean => performance.now() - changedAt >= SETTLE_MS;

/**
 * Lets a press through only if it began on what it ends on, the page has not just changed, and the same place was not
 * pressed a moment ago. Keys of a keyboard are no touches and pass.
 */
export function guardTouches(root: Document): () => void {
  const down = (event: PointerEvent) => {
    lastPress = event.target instanceof Node ? { target: event.target, x: event.clientX, y: event.clientY } : null;
  };
  const click = (event: MouseEvent) => {
    const act = event.target instanceof Element ? event.target.closest(ACTS) : null;
    if (act === null || event.detail === 0) {
      return;
    }
    if (isMeant(event, act)) {
      lastTaken = { x: event.clientX, y: event.clientY, at: performance.now() };
    } else {
      event.stopImmediatePropagation();
      event.preventDefault();
    }
  };
  root.addEventListener('pointerdown', down, true);
  root.addEventListener('click', click, true);

  return () => {
    root.removeEventListener('pointerdown', down, true);
    root.removeEventListener('click', click, true);
  };
}

function isMeant(event: MouseEvent, act: Element): boolean {
  if (lastPress !== null && !beganOn(lastPress, act)) {
    return false;
  }
  if (!isSettled()) {
    return false;
  }
  if (lastTaken === null || act.closest(REPEATS) !== null || performance.now() - lastTaken.at >= SETTLE_MS) {
    return true;
  }

  return Math.hypot(event.clientX - lastTaken.x, event.clientY - lastTaken.y) >= SAME_PLACE_PX;
}

/** A label passes its click on to its field: that began on the label. */
function beganOn(press: Press, act: Element): boolean {
  if (act.contains(press.target)) {
    return true;
  }
  const label = press.target instanceof Element ? press.target.closest('label') : null;

  return label !== null && (label.contains(act) || label.control === act);
}
