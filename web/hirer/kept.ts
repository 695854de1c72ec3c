import type { Entry, Page } from './yard';

/** What waits on this phone until there is a signal; a picture as a data address, until the yard has it. */
export interface Waiting {
  entry: Entry;
  picture: string | null;
}

/** What a phone keeps of one link. */
export interface Kept {
  readPage: () => Page | null;
  keepPage: (page: Page) => void;
  /** The yard took the link back: nothing of it stays. */
  forget: () => void;
  waiting: () => Waiting[];
  /** False where the phone has no room for it. */
  wait: (one: Waiting) => boolean;
  done: (id: string) => void;
  language: () => string | null;
  keepLanguage: (language: string) => void;
}

/** @param storage that of the phone, or anything that behaves as it does */
export function keptOf(token: string, storage: Storage): Kept {
  // Not the token itself: it need not lie in the phone's storage a second time.
  const name = (what: string) => `hirer:${what}:${token.slice(0, 12)}`;
  const read = <T>(what: string): T | null => {
    try {
      return JSON.parse(storage.getItem(name(what)) ?? 'null') as T | null;
    } catch {
      return null;
    }
  };
  const write = (what: string, value: unknown): boolean => {
    try {
      storage.setItem(name(what), JSON.stringify(value));

      return true;
    } catch {
      return false;
    }
  };
  const waiting = () => read<Waiting[]>('waiting') ?? [];

  return {
    readPage: () => read<Page>('page'),
    keepPage: (page) => void write('page', page),
    forget: () => ['page', 'waiting'].forEach((what) => storage.removeItem(name(what))),
    waiting,
    wait: (one) => write('waiting', [...waiting(), one]),
    done: (id) =>
      void write(
        'waiting',
        waiting().filter(({ entry }) => entry.id !== id),
      ),
    language: () => read<string>('language'),
    keepLanguage: (language) => void write('language', language),
  };
}

/** The page as it is with what waits here: a tick counts at once. */
export function withWaiting(page: Page, waiting: Waiting[], now: Date): Page {
  const isOver = now >= new Date(page.clears_at);
  const ticks = new Map(
    waiting
      .filter(({ entry }) => entry.kind === 'hirer.ticked')
      .map(({ entry }) => [String(entry.payload.point), entry.payload.answer === 'done']),
  );

  return {
    ...page,
    duties: page.duties.map((duty) => ({
      ...duty,
      // A page that was kept from yesterday does not say what is done today.
      ticked: ticks.get(duty.id) ?? (duty.ticked && !(isOver && isDaily(duty))),
    })),
  };
}

/** The page with what the yard has just taken: until it is read anew, nothing that was said is gone. */
export function withTaken(page: Page, { entry }: Waiting): Page {
  const { point, words } = entry.payload;
  if (entry.kind === 'hirer.reported') {
    const report = { id: entry.id, words: String(words), reported_at: entry.recorded_at, settled: null };

    return { ...page, reports: [report, ...page.reports.filter(({ id }) => id !== entry.id)] };
  }

  return {
    ...page,
    duties: page.duties.map((duty) =>
      duty.id === point ? { ...duty, ticked: entry.payload.answer === 'done' } : duty,
    ),
  };
}

type Duty = Page['duties'][number];

const isDaily = ({ every }: Duty): boolean => every.months === 0 && every.days <= 1;
