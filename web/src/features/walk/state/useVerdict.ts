import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { answer, api, type Schema } from '../../../api/client';

const REST_MS = 90;

/** The core's verdict on a reading before it is posted: asked when the finger rests. */
export function useVerdict(walkId: string, payload: Schema['ReadingPostedPayload'], enabled: boolean) {
  const text = JSON.stringify(payload);
  const [rested, setRested] = useState(text);
  useEffect(() => {
    const timer = window.setTimeout(() => setRested(text), REST_MS);

    return () => window.clearTimeout(timer);
  }, [text]);

  return useQuery({
    queryKey: ['verdict', walkId, rested],
    // While the finger moves, what it left behind is not asked about.
    enabled: enabled && rested === text,
    staleTime: 60_000,
    placeholderData: keepPreviousData,
    queryFn: () =>
      answer(
        api.POST('/api/walks/{walk}/verdicts', {
          params: { path: { walk: walkId } },
          body: JSON.parse(rested) as Schema['ReadingPostedPayload'],
        }),
      ),
  });
}
