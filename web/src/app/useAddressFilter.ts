import { useState } from 'react';
import { useSearchParams } from 'react-router';

/**
 * Filters of a list that stand in the address, so that going back finds the list again. What is typed is kept beside
 * it: the address follows a moment later, and a field that waited for it would lose letters.
 */
export function useAddressFilter() {
  const [params, setParams] = useSearchParams();
  const [search, setSearch] = useState(params.get('search') ?? '');
  const choose = (name: string, value: string | null) =>
    setParams(
      (before) => {
        const next = new URLSearchParams(before);
        if (value === null || value === '') {
          next.delete(name);
        } else {
          next.set(name, value);
        }

        return next;
      },
      { replace: true },
    );

  return {
    params,
    choose,
    search,
    type: (words: string) => {
      setSearch(words);
      choose('search', words);
    },
  };
}
