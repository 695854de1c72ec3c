import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useCallback, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { answer, api, type Schema } from '../../api/client';
import { onYardClock } from '../../app/figures';
import { usePersistentState } from '../../app/usePersistentState';
import { useMe } from '../session/useSession';
import { walkQuery } from '../walk/state/useWalk';
import type { Walk } from '../walk/state/types';
import { openLines, type LineDraft, type SheetDraft } from './sheetDraft';

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

  /** What is still open stays typed, refused or never looked at; the next sending is another one. */
  const startAnew = (now: Walk) => {
    const open = new Set(openLines(now).map((line) => line.key));
    setDraft({
      ...draft,
      id: uuid(),
      lines: Object.fromEntries(Object.entries(draft.lines).filter(([key]) => open.has(key))),
    });
  };

  return { draft, setDraft, setLine, startAnew };
}

export function useEnterSheet(walkId: string) {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: async (body: Schema['EnterSheet']) => {
      const path = { walk: walkId };
      const entered = await answer(api.POST('/api/walks/{walk}/sheet', { params: { path }, body }));
      // The whole of it, and before the answer is shown: what was taken is not asked for any more.
      const walk = await walkQuery(walkId).queryFn();

      return { entered, walk };
    },
    onSuccess: ({ walk }) => queries.setQueryData(walkQuery(walkId).queryKey, walk),
  });
}
