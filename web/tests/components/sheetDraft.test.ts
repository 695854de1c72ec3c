import { describe, expect, it } from 'vitest';
import { saidOf, typedOf, type LineDraft, type SheetDraft } from '../../src/features/sheet/sheetDraft';
import type { Line, Walk } from '../../src/features/walk/state/types';

const line = (more: Partial<Line>): Line => ({
  key: 'x', check: 'x', answer: 'look', test: [], paper: null, instrument: null, conditions: [], looks: [], ...more,
} as unknown as Line);

const glass = line({
  answer: 'reading',
  conditions: ['level', 'warm'],
  instrument: { kind: 'sight_glass', unit: 'mm', step: 1, look_decides: true } as Line['instrument'],
  looks: ['clear', 'foam'],
});
const cells = line({
  answer: 'reading', instrument: { kind: 'scale', unit: 'sg', step: 0.001, points: 3 } as Line['instrument'],
});
const test = line({
  answer: 'test',
  test: [
    { do: 'press', expect: 'stops', fail_means: '', seconds: 5 },
    { do: 'let go', expect: 'stays', fail_means: '', seconds: null },
  ] as Line['test'],
});

// What a line of the paper comes to: common practice, no source.
describe('a line of a sheet', () => {
  it.each<[string, Line, LineDraft | undefined, unknown]>([
    ['left empty', line({}), undefined, 'empty'],
    ['ticked', line({}), { stands: true }, { kind: 'check.answered', payload: { answer: 'stands' } }],
    [
      'ticked beside it, with words', line({}), { stands: false, words: ' bent ' },
      { kind: 'check.answered', payload: { answer: 'amiss', words: 'bent' } },
    ],
    ['a figure without what was seen', glass, { values: ['31,5'] }, 'half'],
    ['seen without a figure', glass, { look: 'clear' }, 'half'],
    ['no figure at all', glass, { values: ['much'], look: 'clear' }, 'half'],
    [
      'a figure with a comma, and one of two conditions held', glass,
      { values: ['31,5'], look: 'clear', observed: { level: { condition: 'level', seen: true } } },
      {
        kind: 'reading.posted',
        payload: { value: '31.5', unit: 'mm', look: 'clear', observed: [{ condition: 'level', seen: true }] },
      },
    ],
    ['two points of three', cells, { values: ['1.265', '', '1.270'] }, 'half'],
    [
      'every point', cells, { values: ['1.265', '1.260', '1.270'] },
      { kind: 'reading.posted', payload: { points: ['1.265', '1.260', '1.270'], unit: 'sg', observed: [] } },
    ],
    ['one step of two', test, { steps: [true, null] }, 'half'],
    [
      'both steps, the first held for as long as stands beside it', test, { steps: [true, true] },
      { kind: 'test.answered', payload: { steps: [{ as_expected: true, seconds: 5 }, { as_expected: true }] } },
    ],
    [
      'ended at the first step', test, { steps: [false, null], words: 'went on' },
      { kind: 'test.answered', payload: { steps: [{ as_expected: false, observed: 'went on' }] } },
    ],
    [
      'a paper with hours', line({ answer: 'paper', paper: { kind: 'dated', asks_hours: true } }),
      { date: '2026-11-02' }, 'half',
    ],
    [
      'a lamp', line({ answer: 'dashboard' }), { stands: false, lamps: ['amber'] },
      { kind: 'dashboard.read', payload: { lamps: ['amber'], codes: [] } },
    ],
    ['a lamp, but which', line({ answer: 'dashboard' }), { stands: false }, 'half'],
    [
      'codes', line({ answer: 'dashboard' }), { stands: false, codes: '110-3; SPN 190 FMI 0,  4364 / 18' },
      {
        kind: 'dashboard.read',
        payload: { lamps: [], codes: [{ spn: 110, fmi: 3 }, { spn: 190, fmi: 0 }, { spn: 4364, fmi: 18 }] },
      },
    ],
    ['a code that cannot be read', line({ answer: 'dashboard' }), { stands: false, codes: '110-3, E05' }, 'half'],
    ['a code without its mode', line({ answer: 'dashboard' }), { stands: false, codes: '110' }, 'half'],
    [
      'a code that was typed before nothing was lit', line({ answer: 'dashboard' }), { stands: true, codes: 'E05' },
      { kind: 'dashboard.read', payload: { lamps: [], codes: [] } },
    ],
  ])('%s', (_, of, draft, said) => {
    expect(saidOf(of, draft)).toEqual(said);
  });

  it('is not asked where it has an answer already', () => {
    const walk = {
      plan: { visits: [{ lines: [line({ key: 'a' }), line({ key: 'b' })] }] },
      state: { lines: [{ key: 'a', outcome: 'stands' }, { key: 'b', outcome: 'open' }] },
    } as unknown as Walk;
    const typed = typedOf(walk, { lines: { a: { stands: true }, b: { stands: true } } } as unknown as SheetDraft);

    expect(typed).toEqual({
      answers: [{ kind: 'check.answered', payload: { line: 'b', answer: 'stands' } }], half: [], open: 1,
    });
  });
});
