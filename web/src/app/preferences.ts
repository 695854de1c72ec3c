import { useSyncExternalStore } from 'react';

export interface Preferences {
  text: 'normal' | 'large';
  /** The hand that holds nothing: the acts lie on its side. */
  hand: 'right' | 'left';
  haptic: boolean;
  sound: boolean;
}

const KEY = 'jade.preferences.1';
const GIVEN: Preferences = { text: 'normal', hand: 'right', haptic: false, sound: false };

let now: Preferences = read();
const watchers = new Set<() => void>();
show(now);

/** How this tablet is set up for the hands and eyes that use it; kept on the tablet. */
export function usePreferences(): [Preferences, (part: Partial<Preferences>) => void] {
  const preferences = useSyncExternalStore(
    (watcher) => {
      watchers.add(watcher);

      return () => watchers.delete(watcher);
    },
    () => now,
  );

  return [preferences, choose];
}

export const preferences = (): Preferences => now;

function choose(part: Partial<Preferences>): void {
  now = { ...now, ...part };
  localStorage.setItem(KEY, JSON.stringify(now));
  show(now);
  watchers.forEach((watcher) => watcher());
}

function read(): Preferences {
  try {
    return { ...GIVEN, ...(JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<Preferences>) };
  } catch {
    return GIVEN;
  }
}

function show({ text, hand }: Preferences): void {
  document.documentElement.dataset['text'] = text;
  document.documentElement.dataset['hand'] = hand;
}
