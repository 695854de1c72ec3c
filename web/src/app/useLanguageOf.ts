import { useQueryClient } from '@tanstack/react-query';
import i18next from 'i18next';
import { useEffect } from 'react';
import type { Schema } from '../api/client';
import { readAnew } from '../api/readAnew';
import { speak } from './texts';

/** Speaks the language of whoever is signed in; what the yard had told in another one is asked for again. */
export function useLanguageOf(user: Schema['SignedIn'] | null): void {
  const queries = useQueryClient();
  const language = user?.language;
  useEffect(() => {
    if (language !== undefined && language !== i18next.language) {
      readAnew();
      void speak(language).then(() =>
        queries.invalidateQueries({ predicate: (query) => query.queryKey[0] !== 'session' }),
      );
    }
  }, [language, queries]);
}
