import { act, renderHook } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { useDraft } from '../../src/features/limits/useDraft';
import type { Sheet, SheetField } from '../../src/features/limits/useLimits';

const field = (name: string, more: Partial<SheetField>): SheetField => ({
  name,
  kind: 'quantity',
  asks: name,
  units: [
    { unit: 'kg', symbol: 'kg', value: null },
    { unit: 'lb', symbol: 'lb', value: null },
  ],
  need: 'needed',
  value: null,
  from: null,
  has_chart: false,
  choices: [],
  ...more,
});

const RATED = field('rated', {
  from: 'maker',
  units: [
    { unit: 'kg', symbol: 'kg', value: '2500' },
    { unit: 'lb', symbol: 'lb', value: '5512' },
  ],
});
const LOAD = field('load', {});
const LINES = field('lines', { kind: 'choice', units: [], value: 'unknown', from: 'site' });
const SHEET = { id: 'any', fields: [RATED, LOAD, LINES] } as unknown as Sheet;

describe('what is typed into a sheet', () => {
  it('shows what is known of the machine and sends only what was typed', () => {
    const { result } = renderHook(() => useDraft(SHEET, null));
    expect(result.current.valueOf(RATED)).toBe('2500');
    expect(result.current.inputs).toEqual({});

    act(() => result.current.type(LOAD, ' 1800 '));
    act(() => result.current.type(LINES, 'no'));
    expect(result.current.inputs).toEqual({ load: { value: '1800', unit: 'kg' }, lines: { value: 'no' } });

    act(() => result.current.type(LOAD, ''));
    expect(result.current.inputs).toEqual({ lines: { value: 'no' } });
  });

  it('shows the plate in the other unit, and keeps what was typed as it was typed', () => {
    const { result } = renderHook(() => useDraft(SHEET, null));
    act(() => result.current.measure(RATED, 'lb'));
    expect(result.current.valueOf(RATED)).toBe('5512');

    act(() => result.current.type(LOAD, '4000'));
    act(() => result.current.measure(LOAD, 'lb'));
    expect(result.current.valueOf(LOAD)).toBe('4000');
    expect(result.current.inputs).toEqual({ load: { value: '4000', unit: 'lb' } });
  });

  it('begins with what was set for this hire before, and not with what the plate says anyway', () => {
    const kept = { rated: { value: '2500', unit: 'kg' }, load: { value: '1800', unit: 'kg' } };
    const { result } = renderHook(() => useDraft(SHEET, kept));

    expect(result.current.inputs).toEqual({ load: { value: '1800', unit: 'kg' } });
    expect(result.current.isTyped(RATED)).toBe(false);
  });
});
