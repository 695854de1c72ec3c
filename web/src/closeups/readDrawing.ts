import type { XY } from './layMarks';

/** A part of a machine as it is seen from where one stands; lengths are in centimetres of the machine. */
export interface CloseUp {
  title: string;
  /** Elements of an SVG. */
  inner: string;
  /** x, y, width and height. */
  box: [number, number, number, number];
  /** Where a named place lies on it: leaders end there. */
  anchors: Record<string, XY>;
}

const FILES = import.meta.glob<string>('./drawings/*.svg', { query: '?raw', import: 'default' });

/** @throws Error where there is no drawing of that name */
export async function loadDrawing(name: string): Promise<CloseUp> {
  const file = FILES[`./drawings/${name}.svg`];
  if (file === undefined) {
    throw new Error(`There is no close-up "${name}".`);
  }

  return readDrawing(await file());
}

/** Takes a drawing apart: what is drawn, and the places that are named on it. */
export function readDrawing(text: string): CloseUp {
  const root = new DOMParser().parseFromString(text, 'image/svg+xml').documentElement;
  const named = root.querySelector('[data-anchors]');
  const anchors = Object.fromEntries(
    [...(named?.querySelectorAll('[data-anchor]') ?? [])].map((one): [string, XY] => [
      one.getAttribute('data-anchor') ?? '',
      [Number(one.getAttribute('cx')), Number(one.getAttribute('cy'))],
    ]),
  );
  const title = root.querySelector('title');
  const words = title?.textContent ?? '';
  named?.remove();
  title?.remove();
  const [x = 0, y = 0, width = 1, height = 1] = (root.getAttribute('viewBox') ?? '').split(' ').map(Number);

  return { title: words, inner: root.innerHTML, box: [x, y, width, height], anchors };
}

/** The same part from the machine's other side. */
export function mirrored({ title, inner, box, anchors }: CloseUp): CloseUp {
  return {
    title,
    inner: `<g transform="scale(-1,1)">${inner}</g>`,
    box: [-box[0] - box[2], box[1], box[2], box[3]],
    anchors: Object.fromEntries(Object.entries(anchors).map(([name, [x, y]]) => [name, [-x, y] as XY])),
  };
}
