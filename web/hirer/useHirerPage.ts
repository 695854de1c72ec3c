import { useCallback, useEffect, useMemo, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { keptOf, withTaken, withWaiting, type Waiting } from './kept';
import { blobOf } from './picture';
import { Refused, postEntries, readPage, sendPicture, type Entry, type Page } from './yard';

const AGAIN_MS = 60_000;

export type Standing = 'fetching' | 'here' | 'unreached' | 'ended';

export interface Hirer {
  page: Page | null;
  standing: Standing;
  /** Whether the yard was reached when it was asked last. */
  isReached: boolean;
  waiting: Waiting[];
  /** What the yard did not take, in its words. */
  refused: string | null;
  language: string | null;
  choose: (language: string) => void;
  /** False where this phone has no room to keep it. */
  say: (kind: Entry['kind'], payload: Entry['payload'], picture?: string | null) => boolean;
}

/** The page of a link: from the yard where it can be reached, else as this phone kept it. */
export function useHirerPage(token: string): Hirer {
  const kept = useMemo(() => keptOf(token, window.localStorage), [token]);
  const [page, setPage] = useState(() => kept.readPage());
  const [standing, setStanding] = useState<Standing>(page === null ? 'fetching' : 'here');
  const [isReached, setIsReached] = useState(true);
  const [waiting, setWaiting] = useState(() => kept.waiting());
  const [refused, setRefused] = useState<string | null>(null);
  const [language, setLanguage] = useState(() => kept.language());

  const reach = useCallback(async () => {
    try {
      for (const one of kept.waiting()) {
        try {
          await deliver(token, one);
          const before = kept.readPage();
          if (before !== null) {
            kept.keepPage(withTaken(before, one));
            setPage(kept.readPage());
          }
        } catch (failed) {
          if (!(failed instanceof Refused) || failed.status >= 500 || failed.status === 429) {
            throw failed;
          }
          // It will not be taken later either: it is said, and does not stop what comes behind it.
          setRefused(failed.words);
        }
        kept.done(one.entry.id);
        setWaiting(kept.waiting());
      }
      const fresh = await readPage(token, kept.language() ?? navigator.language.slice(0, 2));
      kept.keepPage(fresh);
      setPage(fresh);
      setStanding('here');
      setIsReached(true);
    } catch (failed) {
      if (failed instanceof Refused && [401, 404].includes(failed.status)) {
        kept.forget();
        setPage(null);
        setStanding('ended');
      } else {
        setIsReached(false);
        setStanding((now) => (now === 'fetching' ? 'unreached' : now));
      }
    }
  }, [kept, token]);

  useEffect(() => {
    const again = () => document.visibilityState === 'visible' && void reach();
    again();
    const timer = setInterval(again, AGAIN_MS);
    window.addEventListener('online', again);
    document.addEventListener('visibilitychange', again);

    return () => {
      clearInterval(timer);
      window.removeEventListener('online', again);
      document.removeEventListener('visibilitychange', again);
    };
  }, [reach]);

  return {
    page: page === null ? null : withWaiting(page, waiting, new Date()),
    standing,
    isReached,
    waiting,
    refused,
    language,
    choose: (chosen) => {
      kept.keepLanguage(chosen);
      setLanguage(chosen);
      void reach();
    },
    say: (kind, payload, picture = null) => {
      const entry: Entry = { id: uuid(), kind, recorded_at: new Date().toISOString(), payload };
      const isKept = kept.wait({ entry, picture });
      setRefused(null);
      setWaiting(kept.waiting());
      void reach();

      return isKept;
    },
  };
}

async function deliver(token: string, { entry, picture }: Waiting): Promise<void> {
  const photo = picture === null ? {} : { photo: await sendPicture(token, blobOf(picture)) };
  await postEntries(token, [{ ...entry, payload: { ...entry.payload, ...photo } }]);
}
