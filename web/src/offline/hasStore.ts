/** Where the tablet keeps entries, pages and pictures. */
export const STORE = 'jade-ledger';

/** Whether this tablet has kept anything yet. A browser that does not say counts as one that has. */
export async function hasStore(): Promise<boolean> {
  if (typeof indexedDB === 'undefined' || typeof indexedDB.databases !== 'function') {
    return true;
  }

  return (await indexedDB.databases()).some(({ name }) => name === STORE);
}
