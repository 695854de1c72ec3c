import { useEffect, useState, type RefObject } from 'react';

/** The size of an element in CSS pixels, as it is laid out; never nought, so that it may be divided by. */
export function useSize(of: RefObject<Element | null>): { width: number; height: number } {
  const [size, setSize] = useState({ width: 600, height: 600 });
  useEffect(() => {
    if (of.current === null) {
      return;
    }
    const watch = new ResizeObserver(([entry]) => {
      if (entry !== undefined && entry.contentRect.width > 0 && entry.contentRect.height > 0) {
        setSize({ width: entry.contentRect.width, height: entry.contentRect.height });
      }
    });
    watch.observe(of.current);

    return () => watch.disconnect();
  }, [of]);

  return size;
}
