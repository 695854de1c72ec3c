import { useVirtualizer } from '@tanstack/react-virtual';
import { Fragment, useEffect, useLayoutEffect, useRef, useState, type ReactNode, type RefCallback } from 'react';

/** As many stand on a page at once: a small yard is found whole by the browser's own search, and by a screen reader. */
const ALL_AT_ONCE = 100;
/** Rows drawn beyond what is seen, so that a quick finger finds no white. */
const BEYOND = 20;

/** What a row carries so that its real height is known. */
export interface Measured {
  ref: RefCallback<HTMLElement>;
  'data-index': number;
}

interface Props<T> {
  items: T[];
  keyOf: (item: T) => string;
  /** What a row is, so that what is left out keeps its place: of a table or of a list. */
  as: 'tr' | 'li';
  /** About how high a row is, in pixels. */
  height: number;
  /** The query whose pages these are. */
  pages: { hasNextPage: boolean; isFetchingNextPage: boolean; fetchNextPage: () => unknown };
  row: (item: T, measured: Measured) => ReactNode;
}

/** What moves when the list is scrolled: the page, or a part of it at a desk. */
function scrollerOf(element: HTMLElement | null): HTMLElement | null {
  let one = element?.parentElement ?? null;
  while (one !== null && !['auto', 'scroll'].includes(getComputedStyle(one).overflowY)) {
    one = one.parentElement;
  }

  return one;
}

/** Rows of a list that may have ten thousand: only what is near the eye is drawn, and more is fetched on the way. */
export function LongList<T>({ items, keyOf, as: Pad, height, pages, row }: Props<T>) {
  const { hasNextPage: hasMore, isFetchingNextPage: isLoading, fetchNextPage: onMore } = pages;
  const before = useRef<HTMLElement>(null);
  const [margin, setMargin] = useState(0);
  const isLong = items.length > ALL_AT_ONCE || hasMore;
  // eslint-disable-next-line react-hooks/incompatible-library -- what it returns is used here and handed on nowhere
  const virtual = useVirtualizer({
    enabled: isLong,
    count: items.length,
    getScrollElement: () => scrollerOf(before.current),
    estimateSize: () => height,
    getItemKey: (at) => keyOf(items[at] as T),
    overscan: BEYOND,
    scrollMargin: margin,
  });
  const drawn = virtual.getVirtualItems();
  const last = drawn.at(-1);
  useLayoutEffect(() => {
    const page = scrollerOf(before.current);
    if (page !== null && before.current !== null) {
      setMargin(before.current.getBoundingClientRect().top - page.getBoundingClientRect().top + page.scrollTop);
    }
  }, [items.length]);
  const isNearTheEnd = isLong && hasMore && !isLoading && last !== undefined && last.index >= items.length - BEYOND - 1;
  useEffect(() => {
    if (isNearTheEnd) {
      onMore();
    }
  }, [isNearTheEnd, onMore]);
  if (!isLong) {
    return items.map((item, at) => (
      <Fragment key={keyOf(item)}>{row(item, { ref: () => undefined, 'data-index': at })}</Fragment>
    ));
  }
  const pad = (pixels: number, ref?: typeof before) => (
    <Pad ref={ref as never} aria-hidden="true" className="list-pad" style={{ height: Math.max(0, pixels) }} />
  );

  return (
    <>
      {pad((drawn[0]?.start ?? margin) - margin, before)}
      {drawn.map(({ index, key }) => (
        <Fragment key={key}>
          {row(items[index] as T, { ref: virtual.measureElement, 'data-index': index })}
        </Fragment>
      ))}
      {pad(virtual.getTotalSize() - ((last?.end ?? margin) - margin))}
    </>
  );
}
