const LOCKED = 'jade.idle.locked';

/** For whom this shared tablet is locked, through a reload as well. */
export const idleLocked = {
  whom: (): string | null => localStorage.getItem(LOCKED),
  keep: (user: string): void => localStorage.setItem(LOCKED, user),
  forget: (): void => localStorage.removeItem(LOCKED),
};
