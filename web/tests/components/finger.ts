import { act } from '@testing-library/react';

interface Place {
  x: number;
  y: number;
}

const event = (type: string, { x, y }: Place, detail: number): MouseEvent => {
  const Kind = type.startsWith('pointer') ? PointerEvent : MouseEvent;

  return new Kind(type, { bubbles: true, cancelable: true, clientX: x, clientY: y, detail });
};
const sent = (on: Element, ...events: MouseEvent[]): void => {
  void act(() => events.forEach((one) => on.dispatchEvent(one)));
};

/** A finger as the browser tells of it: where it comes down, and what it ends on when it lifts. */
export const finger = {
  down(on: Element, place: Place = { x: 100, y: 100 }): void {
    sent(on, event('pointerdown', place, 0));
  },
  /** The browser's click goes to what lies there when the finger lifts. */
  up(on: Element, place: Place = { x: 100, y: 100 }): void {
    sent(on, event('pointerup', place, 0), event('click', place, 1));
  },
  tap(on: Element, place?: Place): void {
    this.down(on, place);
    this.up(on, place);
  },
};
