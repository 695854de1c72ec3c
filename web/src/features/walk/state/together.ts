import type { KeptEntry } from '../../../offline/store';

type Group = [KeptEntry, ...KeptEntry[]];

/** The steps and the signature of a handover stand and fall together; everything else is told one by one. */
export function together(entries: KeptEntry[]): Group[] {
  const groups: Group[] = [];
  for (const one of entries) {
    const last = groups[groups.length - 1];
    if (
      last !== undefined &&
      [last[0], one].every(({ entry }) => entry.kind.startsWith('handover.')) &&
      last[0].problem?.type === one.problem?.type
    ) {
      last.push(one);
    } else {
      groups.push([one]);
    }
  }

  return groups;
}
