import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactElement } from 'react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { CountBackDrawer } from '../../src/features/things/CountBackDrawer';
import { CountOutDrawer } from '../../src/features/things/CountOutDrawer';

const harness = { thing: 'harness', name: 'Harness', is_marked: true, handed: 2, marks: 'H-11', returned: null };
const padlock = { thing: 'padlock', name: 'Padlock', is_marked: false, handed: 1, marks: '', returned: null };
const helmet = { thing: 'helmet', name: 'Helmet', is_marked: false, handed: null, marks: '', returned: null };

const show = (drawer: ReactElement) =>
  render(<QueryClientProvider client={new QueryClient()}>{drawer}</QueryClientProvider>);

const touch = (testId: string) => userEvent.click(screen.getByTestId(testId));

beforeEach(() => {
  document.body.innerHTML = '';
});

describe('what goes along', () => {
  it('is posted as it was counted, with the numbers on the pieces, and nothing that was not touched', async () => {
    const post = vi.fn().mockResolvedValue({ status: 'posted' });
    show(<CountOutDrawer things={[harness, padlock, helmet]} post={post} onClose={vi.fn()} />);
    expect(screen.getByTestId('things-post')).toHaveProperty('disabled', true);
    await touch('more-harness');
    await userEvent.type(screen.getByTestId('marks-harness'), ', H-12, H-14');
    await touch('things-post');

    expect(post).toHaveBeenCalledWith('things.handed', {
      things: [{ thing: 'harness', count: 3, marks: 'H-11, H-12, H-14' }],
    });
  });
});

describe('what came back', () => {
  it('is posted when each piece was counted, and not before', async () => {
    const post = vi.fn().mockResolvedValue({ status: 'posted' });
    show(<CountBackDrawer things={[harness, padlock, helmet]} post={post} onClose={vi.fn()} />);
    expect(screen.queryByTestId('count-helmet')).toBeNull();
    await touch('more-harness');
    expect(screen.getByTestId('things-post')).toHaveProperty('disabled', true);
    await touch('less-padlock');
    await touch('things-post');

    expect(post).toHaveBeenCalledWith('things.returned', {
      things: [
        { thing: 'harness', count: 1 },
        { thing: 'padlock', count: 0 },
      ],
    });
  });

  it('is all back with one touch, and can still be changed', async () => {
    const post = vi.fn().mockResolvedValue({ status: 'posted' });
    show(<CountBackDrawer things={[harness, padlock]} post={post} onClose={vi.fn()} />);
    await touch('all-back');
    await touch('less-harness');
    await touch('things-post');

    expect(post).toHaveBeenCalledWith('things.returned', {
      things: [
        { thing: 'harness', count: 1 },
        { thing: 'padlock', count: 1 },
      ],
    });
  });
});
