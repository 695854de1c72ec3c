import { fireEvent, render, screen, within } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { keptOf, withTaken, withWaiting, type Waiting } from '../../hirer/kept';
import { Duties } from '../../hirer/Duties';
import { Report } from '../../hirer/Report';
import { Steps } from '../../hirer/Steps';
import { sayIn, type Text } from '../../hirer/texts';
import type { Hirer } from '../../hirer/useHirerPage';
import type { Page } from '../../hirer/yard';

const say = sayIn('en');

const step = (id: string, kind: 'startup' | 'shutdown'): Page['steps'][number] => ({
  id,
  kind,
  level: 'warning',
  by_hand: false,
  wear: [],
  name: id,
  instruction: `Do ${id}.`,
  why: 'So it goes.',
  caution: 'Mind it.',
  part: null,
  timer: null,
});

const duty = (id: string, ticked: boolean, days = 1): Page['duties'][number] => ({
  id,
  name: id,
  do: 'Look.',
  every: { hours: null, months: 0, days, hires: 0 },
  first_day: 1,
  ticked,
  done_on: null,
});

const PAGE: Page = {
  standing: 'out',
  yard: 'Tern Quay Hire',
  phone: null,
  folio: 7,
  fleet_number: 'E-14',
  family: 'Tracked excavator',
  model: 'Dromvik 14C',
  drawing: 'tracked_excavator',
  parts: [],
  until: '2026-12-02T16:00:00Z',
  timezone: 'Europe/London',
  language: 'en',
  languages: ['en', 'es'],
  kept_at: '2026-12-01T08:00:00Z',
  steps: [step('a', 'startup'), step('b', 'startup'), step('c', 'shutdown')],
  notes: { a: 'Gate B only.' },
  limits: [],
  cautions: [],
  duties: [duty('grease', true), duty('filter', true, 7)],
  clears_at: '2026-12-02T04:00:00Z',
  reports: [],
};

const tick = (point: string, answer: string): Waiting => ({
  entry: { id: `${point}-${answer}`, kind: 'hirer.ticked', recorded_at: PAGE.kept_at, payload: { point, answer } },
  picture: null,
});

/** A phone's storage, of as many letters as are given. */
function storageOf(room = 5_000_000): Storage {
  const held = new Map<string, string>();

  return {
    get length() {
      return held.size;
    },
    clear: () => held.clear(),
    getItem: (name) => held.get(name) ?? null,
    key: (at) => [...held.keys()][at] ?? null,
    removeItem: (name) => void held.delete(name),
    setItem: (name, value) => {
      if (value.length > room) {
        throw new DOMException('full', 'QuotaExceededError');
      }
      held.set(name, value);
    },
  };
}

describe('what a phone keeps of a link', () => {
  it('keeps what waits in its order, apart from other links, and never the whole token', () => {
    const storage = storageOf();
    const [mine, other] = ['a'.repeat(43), 'b'.repeat(43)].map((token) => keptOf(token, storage));
    mine?.wait(tick('grease', 'done'));
    mine?.wait(tick('filter', 'done'));
    expect(mine?.waiting().map(({ entry }) => entry.id)).toEqual(['grease-done', 'filter-done']);
    expect(other?.waiting()).toEqual([]);
    mine?.done('grease-done');
    expect(mine?.waiting().map(({ entry }) => entry.id)).toEqual(['filter-done']);
    expect(Array.from({ length: storage.length }, (_, at) => storage.key(at)).join()).not.toContain('a'.repeat(20));
  });

  it('says when a phone has no room, and loses nothing that was kept before', () => {
    const kept = keptOf('a'.repeat(43), storageOf(400));
    expect(kept.wait(tick('grease', 'done'))).toBe(true);
    expect(kept.wait({ ...tick('filter', 'done'), picture: 'x'.repeat(1000) })).toBe(false);
    expect(kept.waiting()).toHaveLength(1);
  });

  it('shows a tick at once, and clears those of the day when the day is over', () => {
    const during = new Date('2026-12-02T03:59:00Z');
    const after = new Date('2026-12-02T04:00:00Z');
    const ticked = (waiting: Waiting[], now: Date) => withWaiting(PAGE, waiting, now).duties.map((one) => one.ticked);
    expect(ticked([], during)).toEqual([true, true]);
    // What comes back by the week stays done.
    expect(ticked([], after)).toEqual([false, true]);
    expect(ticked([tick('grease', 'not_done')], during)).toEqual([false, true]);
    expect(ticked([tick('grease', 'not_done'), tick('grease', 'done')], after)).toEqual([true, true]);
  });
});

describe('a page after the yard took something and before it is read anew', () => {
  it('still shows the tick and the report', () => {
    const after = withTaken(PAGE, tick('grease', 'not_done'));
    expect(after.duties.map(({ ticked }) => ticked)).toEqual([false, true]);
    const payload = { words: 'Oil leaks', runs: 'stopped' };
    const told: Waiting = {
      entry: { id: 'r', kind: 'hirer.reported', recorded_at: PAGE.kept_at, payload },
      picture: null,
    };
    const reports = withTaken(withTaken(after, told), told).reports;
    expect(reports).toEqual([{ id: 'r', words: 'Oil leaks', reported_at: PAGE.kept_at, settled: null }]);
  });
});

describe('the hirer’s page', () => {
  it('has one step at a time, and starting and stopping apart', () => {
    Element.prototype.scrollIntoView = vi.fn();
    render(<Steps page={PAGE} say={say} />);
    expect(screen.getByTestId('step').textContent).toContain('Do a.');
    expect(screen.getByTestId('step').textContent).toContain('Gate B only.');
    fireEvent.click(screen.getByTestId('step-done'));
    expect(screen.getByTestId('step').textContent).toContain('Do b.');
    fireEvent.click(screen.getByTestId('step-done'));
    expect(screen.getByText(say('through'))).toBeTruthy();
    fireEvent.click(screen.getByTestId('kind-shutdown'));
    expect(screen.getByTestId('step').textContent).toContain('Do c.');
  });

  it('ticks a point and takes the tick back with the same touch', () => {
    const onTick = vi.fn();
    render(<Duties duties={[duty('grease', false), duty('filter', true)]} say={say} onTick={onTick} />);
    fireEvent.click(screen.getByTestId('tick-grease'));
    fireEvent.click(screen.getByTestId('tick-filter'));
    expect(onTick.mock.calls).toEqual([
      ['grease', 'done'],
      ['filter', 'not_done'],
    ]);
  });

  it('sends no report without words or without knowing whether it is stopped', () => {
    const told = vi.fn(() => true);
    const hirer = { waiting: [], refused: null, say: told } as unknown as Hirer;
    render(<Report hirer={hirer} page={PAGE} say={say} />);
    fireEvent.click(screen.getByTestId('report'));
    fireEvent.click(screen.getByTestId('report-send'));
    expect(screen.getByRole('alert').textContent).toBe(say('too_short'));
    fireEvent.change(screen.getByTestId('report-words'), { target: { value: 'Oil leaks' } });
    fireEvent.click(screen.getByTestId('report-send'));
    expect(screen.getByRole('alert').textContent).toBe(say('which'));
    expect(told).not.toHaveBeenCalled();
    fireEvent.click(screen.getByTestId('runs-stopped'));
    fireEvent.click(screen.getByTestId('report-send'));
    expect(told).toHaveBeenCalledWith('hirer.reported', { words: 'Oil leaks', runs: 'stopped' }, null);
  });

  it('says that a film is no picture and keeps what was typed', async () => {
    const hirer = { waiting: [], refused: null, say: vi.fn() } as unknown as Hirer;
    render(<Report hirer={hirer} page={PAGE} say={say} />);
    fireEvent.click(screen.getByTestId('report'));
    fireEvent.change(screen.getByTestId('report-words'), { target: { value: 'Oil leaks' } });
    const film = new File(['film'], 'film.mp4', { type: 'video/mp4' });
    fireEvent.change(screen.getByTestId('report-picture'), { target: { files: [film] } });
    expect((await screen.findByRole('alert')).textContent).toBe(say('picture_none'));
    expect(within(document.body).getByTestId<HTMLTextAreaElement>('report-words').value).toBe('Oil leaks');
  });

  it('has every text in every language, with the same figures in it', () => {
    const figures = (text: string) => [...text.matchAll(/\{\w+\}/g)].map(String).sort();
    const spanish = sayIn('es');
    const texts: Text[] = ['yours', 'folio', 'step', 'daily_left', 'kept', 'old', 'settled', 'begin', 'emergency'];
    for (const text of texts) {
      expect(figures(spanish(text))).toEqual(figures(say(text)));
    }
    expect(spanish('emergency')).not.toBe(say('emergency'));
  });
});
