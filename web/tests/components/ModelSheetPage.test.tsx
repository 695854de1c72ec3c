import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter, Route, Routes } from 'react-router';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import ModelSheetPage from '../../src/features/catalogue/ModelSheetPage';

const me = vi.hoisted(() => ({ may: { lead: true } }));
vi.mock('../../src/features/session/useSession', () => ({ useMe: () => me }));
vi.mock('../../src/features/catalogue/useCatalogue', () => ({
  useModelChoices: () => ({ data: { families: [], features: [] }, isPending: false }),
  useModel: () => ({ data: { model: { id: 'dromvik_14c', maker: 'Dromvik', name: '14C' }, sheet: null } }),
  useModelDraft: () => ({ data: undefined }),
  useKeepModel: () => ({ error: null, isPending: false }),
}));

const open = (address: string) =>
  render(
    <MemoryRouter initialEntries={[address]}>
      <Routes>
        <Route path="/" element={<p>The day</p>} />
        <Route path="/catalogue" element={<p>All of them</p>} />
        <Route path="/catalogue/models/new" element={<ModelSheetPage />} />
        <Route path="/catalogue/models/:modelId" element={<p>Its page</p>} />
        <Route path="/catalogue/models/:modelId/sheet" element={<ModelSheetPage />} />
      </Routes>
    </MemoryRouter>,
  );

beforeEach(() => {
  document.body.innerHTML = '';
  me.may.lead = true;
});

describe('the sheet of a model', () => {
  it('of the product is no empty form: it says so, and leads to the page of the model', async () => {
    open('/catalogue/models/dromvik_14c/sheet');
    expect(screen.queryByTestId('keep-model')).toBeNull();
    expect(screen.getByRole('status').textContent).toContain('Dromvik 14C');
    await userEvent.click(screen.getByRole('button'));

    expect(screen.getByText('Its page')).toBeDefined();
  });

  it('is for the lead; others are told so, and find the way back', async () => {
    me.may.lead = false;
    open('/catalogue/models/new');
    expect(screen.queryByTestId('keep-model')).toBeNull();
    await userEvent.click(screen.getByRole('link'));

    expect(screen.getByText('The day')).toBeDefined();
  });
});
