import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useCallback, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { answer, api, type Schema } from '../../api/client';
import { onYardClock } from '../../app/figures';
import { usePersistentState } from '../../app/usePersistentState';
import { useMe } from '../session/useSession';
import { walkQuery } from '../walk/state/useWalk';
import type { Walk } from '../walk/state/types';
import type { LineDraft, SheetDraft } from './sheetDraft';

/** What is typed of a sheet; it is still there after a reload. */
export function useSheetDraft(walk: Walk) {
  const me = useMe();
  const [first] = useState<SheetDraft>(() => ({
    id: uuid(),
    walkedBy: me.may.walk ? me.id : null,
    second: null,
    begun: onYardClock(walk.opened_at),
    ended: onYardClock(new Date().toISOString()),
    confirmed: {},
    lines: {},
  }));
  const [draft, setDraft] = usePersistentState<SheetDraft>(`sheet.1.${walk.id}`, first);
  const setLine = useCallback(
    (key: string, change: Partial<LineDraft>) =>
      setDraft({ ...draft, lines: { ...draft.lines, [key]: { ...draft.lines[key], ...change } } }),
    [draft, setDraft],
  );

  /** What was refused is still there to be mended; the rest was taken, and the next sending is another one. */
  const startAnew = (refused: string[]) => setDraft({
    ...draft,
    id: uuid(),
    lines: Object.fromEntries(Object.entries(draft.lines).filter(([key]) => refused.includes(key))),
  });

  return { draft, setDraft, setLine, startAnew };
}

export function useEnterSheet(walkId: string) {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (body: Schema['EnterSheet']) =>
      answer(api.POST('/api/walks/{walk}/sheet', { params: { path: { walk: walkId } }, body })),
    // The whole of it, and before the answer is shown: what was taken is not asked for any more.
    onSuccess: async () => queries.setQueryData(
      walkQuery(walkId).queryKey,
      await walkQuery(walkId).queryFn(),
    ),
  });
}
