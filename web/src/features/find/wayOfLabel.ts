/** What our labels and sheets lead to: a machine, or a walk. */
const OURS = /^\/app(\/(?:fleet|walks)\/[0-9a-f-]{36})$/;

/** The page that a square leads to; nothing where it is not of this yard, for nobody is led elsewhere by a sticker. */
export function wayOfLabel(text: string, origin: string = window.location.origin): string | null {
  const address = URL.canParse(text) ? new URL(text) : null;
  if (address === null || address.origin !== origin) {
    return null;
  }
  const page = OURS.exec(address.pathname)?.[1];

  return page === undefined ? null : page + address.search;
}
