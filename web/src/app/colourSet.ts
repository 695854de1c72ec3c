export type ColourSet = 'day' | 'night';

const KEY = 'jade.set.1';

export const readSet = (): ColourSet => (localStorage.getItem(KEY) === 'night' ? 'night' : 'day');

/** Chosen by hand, never by the clock alone. */
export function writeSet(set: ColourSet): void {
  localStorage.setItem(KEY, set);
  document.documentElement.dataset['set'] = set;
}

document.documentElement.dataset['set'] = readSet();
