import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { clampToStep } from './contract';

interface Slide {
  value: number;
  step: number;
  low: number;
  high: number;
  readOnly: boolean;
  onChange: (value: number) => void;
  /** The value under a point of the drawing, in the drawing's own units. */
  valueAt: (x: number, y: number) => number;
}

/** Sets a value by sliding anywhere on the drawing, or by keys: arrows by one step, Page Up and Down by ten. */
export function useSlide({ value, step, low, high, readOnly, onChange, valueAt }: Slide) {
  const active = useRef(false);

  const follow = (event: PointerEvent<SVGSVGElement>) => {
    const matrix = event.currentTarget.getScreenCTM();
    if (matrix === null) {
      return;
    }
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    onChange(clampToStep(valueAt(point.x, point.y), step, low, high));
  };

  return {
    onPointerDown: (event: PointerEvent<SVGSVGElement>) => {
      if (readOnly) {
        return;
      }
      event.currentTarget.setPointerCapture(event.pointerId);
      active.current = true;
      follow(event);
    },
    onPointerMove: (event: PointerEvent<SVGSVGElement>) => {
      if (active.current) {
        follow(event);
      }
    },
    onPointerUp: () => {
      active.current = false;
    },
    onPointerCancel: () => {
      active.current = false;
    },
    onKeyDown: (event: KeyboardEvent<SVGSVGElement>) => {
      const steps = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1, PageUp: 10, PageDown: -10 }[event.key];
      if (steps !== undefined && !readOnly) {
        event.preventDefault();
        onChange(clampToStep(value + steps * step, step, low, high));
      }
    },
  };
}
