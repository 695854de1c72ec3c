import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { MeterDrawer } from '../../src/features/fleet/MeterDrawer';

const SHA = 'a'.repeat(64);

vi.mock(
  '../../src/features/session/useSession',
  () => ({ useMe: () => ({ id: 'ines' }), useSession: () => ({ data: undefined }) }),
);
vi.mock(
  '../../src/offline/photos',
  () => ({ sendOrKeep: () => Promise.resolve(SHA), useKeptPhoto: () => 'data:image/png;base64,' }),
);

function show() {
  const post = vi.fn();
  render(<MeterDrawer number="E-14" lastKnown="1842.3" busy={false} problem={null} onClose={vi.fn()} onPost={post} />);

  return post;
}

const touch = (testId: string) => userEvent.click(screen.getByTestId(testId));
const type = (testId: string, text: string) => userEvent.type(screen.getByTestId(testId), text);

/** Ends when the picture is seen: until it is sent, nothing can be posted. */
async function photograph() {
  await userEvent.upload(screen.getByTestId('photo'), new File(['x'], 'meter.jpg', { type: 'image/jpeg' }));
  await screen.findByRole('img');
}

beforeEach(() => {
  document.body.innerHTML = '';
});

describe('another hour meter', () => {
  it('is posted with both figures, a photo and a reason, a comma read as the point', async () => {
    const post = show();
    await type('meter-removed', '1855,0');
    await type('meter-began', '0');
    await type('meter-reason', ' Display dead. ');
    expect(screen.getByTestId('meter-post')).toHaveProperty('disabled', true);
    await photograph();
    await touch('meter-post');

    expect(post).toHaveBeenCalledWith({ removed: '1855.0', began: '0', photo: SHA, reason: 'Display dead.' });
  });

  it('says nothing of an old one that cannot be read', async () => {
    const post = show();
    await type('meter-removed', '18');
    await touch('meter-unreadable');
    await type('meter-began', '0.4');
    await type('meter-reason', 'Smashed.');
    await photograph();
    await touch('meter-post');

    expect(post).toHaveBeenCalledWith({ began: '0.4', photo: SHA, reason: 'Smashed.' });
  });

  it.each(
    [['', '0'], ['12', ''], ['1.2.3', '0'], ['-4', '0'], ['ten', '0']],
  )('is not posted with %j and %j', async (removed, began) => {
    show();
    if (removed !== '') {
      await type('meter-removed', removed);
    }
    if (began !== '') {
      await type('meter-began', began);
    }
    await type('meter-reason', 'Smashed.');
    await photograph();

    expect(screen.getByTestId('meter-post')).toHaveProperty('disabled', true);
    if (removed.length > 2 || removed.startsWith('-')) {
      expect(screen.getByText(/Hours as the meter shows them/)).toBeTruthy();
    }
  });
});
