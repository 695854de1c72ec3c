import { useRef, useState, type PointerEvent } from 'react';

export interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

export interface View {
  box: Box;
  isCloser: boolean;
  closer: () => void;
  wider: () => void;
  whole: () => void;
  /** To be given to the drawing: a drag moves it, and is no tap. */
  drag: {
    onPointerDown: (event: PointerEvent<SVGSVGElement>) => void;
    onPointerMove: (event: PointerEvent<SVGSVGElement>) => void;
    onPointerUp: () => void;
    onPointerCancel: () => void;
  };
  /** Whether the pointer that was just lifted had dragged the drawing. */
  wasDragged: () => boolean;
}

const CLOSEST = 4;
const STEP = 1.6;
/** Pixels that a tap with a glove may slip. */
const SLIP = 10;

/** A part of a drawing: closer, wider, and moved by dragging. */
export function useView(whole: Box, centre: { x: number; y: number }): View {
  const [zoom, setZoom] = useState(1);
  const [at, setAt] = useState<{ x: number; y: number } | null>(null);
  const from = useRef<{ x: number; y: number; at: { x: number; y: number } } | null>(null);
  const dragged = useRef(false);
  const size = { width: whole.width / zoom, height: whole.height / zoom };
  const middle = at ?? centre;
  const x = zoom === 1 ? whole.x : within(middle.x - size.width / 2, whole.x, whole.x + whole.width - size.width);
  const y = zoom === 1 ? whole.y : within(middle.y - size.height / 2, whole.y, whole.y + whole.height - size.height);
  const end = () => {
    from.current = null;
  };

  return {
    box: { x, y, ...size },
    isCloser: zoom > 1,
    closer: () => setZoom(Math.min(CLOSEST, zoom * STEP)),
    wider: () => setZoom(zoom / STEP < 1.05 ? 1 : zoom / STEP),
    whole: () => {
      setZoom(1);
      setAt(null);
    },
    drag: {
      onPointerDown: (event) => {
        dragged.current = false;
        from.current =
          zoom === 1
            ? null
            : { x: event.clientX, y: event.clientY, at: { x: x + size.width / 2, y: y + size.height / 2 } };
      },
      onPointerMove: (event) => {
        const start = from.current;
        const pixels = event.currentTarget.getBoundingClientRect();
        if (start === null || pixels.width === 0) {
          return;
        }
        const [right, down] = [event.clientX - start.x, event.clientY - start.y];
        dragged.current ||= Math.hypot(right, down) > SLIP;
        if (dragged.current) {
          const perPixel = Math.max(size.width / pixels.width, size.height / pixels.height);
          setAt({ x: start.at.x - right * perPixel, y: start.at.y - down * perPixel });
        }
      },
      onPointerUp: end,
      onPointerCancel: end,
    },
    wasDragged: () => dragged.current,
  };
}

const within = (value: number, low: number, high: number): number =>
  Math.min(Math.max(value, low), Math.max(low, high));
