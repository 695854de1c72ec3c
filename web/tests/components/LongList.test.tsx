import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { LongList } from '../../src/app/LongList';

const rows = (count: number) => Array.from({ length: count }, (_, at) => ({ id: `m${at}` }));

function List({ count, hasMore = false, onMore = vi.fn() }: { count: number; hasMore?: boolean; onMore?: () => void }) {
  return (
    <div data-testid="scroller" style={{ overflowY: 'auto', height: 800 }}>
      <ul>
        <LongList
          items={rows(count)}
          keyOf={(one) => one.id}
          as="li"
          height={60}
          pages={{ hasNextPage: hasMore, isFetchingNextPage: false, fetchNextPage: onMore }}
          row={(one, measured) => (
            <li {...measured} data-testid="row">
              {one.id}
            </li>
          )}
        />
      </ul>
    </div>
  );
}

describe('a list', () => {
  beforeEach(() => {
    // This document has no layout: a window of 800 px, rows of 60.
    vi.spyOn(HTMLElement.prototype, 'offsetHeight', 'get').mockReturnValue(60);
    vi.spyOn(HTMLElement.prototype, 'clientHeight', 'get').mockReturnValue(800);
  });
  afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
  });

  it('of a small yard stands there whole', () => {
    render(<List count={100} />);

    expect(screen.getAllByTestId('row')).toHaveLength(100);
  });

  it('of ten thousand draws what is near the eye, and keeps the place of the rest', () => {
    const { container } = render(<List count={10_000} />);

    const drawn = screen.getAllByTestId('row');
    expect(drawn.length).toBeGreaterThan(13);
    expect(drawn.length).toBeLessThan(60);
    expect(drawn[0]?.textContent).toBe('m0');
    const pads = [...container.querySelectorAll<HTMLElement>('.list-pad')]
      .map(({ style }) => Number.parseFloat(style.height));
    expect(pads[0]).toBe(0);
    expect((pads[1] ?? 0) + drawn.length * 60).toBe(600_000);
  });

  it('fetches more when the end comes near, and not before', () => {
    const onMore = vi.fn();
    render(<List count={200} hasMore onMore={onMore} />);
    expect(onMore).not.toHaveBeenCalled();
    cleanup();

    render(<List count={30} hasMore onMore={onMore} />);
    expect(onMore).toHaveBeenCalledOnce();
  });
});
