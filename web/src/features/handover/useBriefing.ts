import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { answer, api } from '../../api/client';
import { useOutbox } from '../../offline/useOutbox';
import { useWalk } from '../walk/state/useWalk';
import { withShownHere } from './withShownHere';

/**
 * The briefing of a walk. Out of reach of the yard it is the one that came with the walk, as far as it went on this
 * tablet.
 */
export function useBriefing(walkId: string) {
  const { kept } = useOutbox();
  const walk = useWalk(walkId);
  const query = useQuery({
    queryKey: ['briefing', walkId],
    queryFn: () => answer(api.GET('/api/walks/{walk}/briefing', { params: { path: { walk: walkId } } })),
  });
  const known = query.data ?? walk.data?.briefing ?? undefined;
  const briefing = useMemo(
    () => (known === undefined ? undefined : withShownHere({ ...known, walk_id: walkId }, kept)),
    [known, kept, walkId],
  );

  return {
    briefing,
    walk: walk.data,
    isPending: briefing === undefined && (query.isPending || walk.isPending),
    error: query.error,
    refetch: query.refetch,
  };
}
