import { readFileSync, readdirSync } from 'node:fs';
import { parse } from 'yaml';
import { describe, expect, it } from 'vitest';
import { layMarks, spread, type XY } from '../../src/closeups/layMarks';
import { mirrored, readDrawing } from '../../src/closeups/readDrawing';

interface CloseUps {
  closeups: { id: string; draws: { drawing: string }[]; anchors: Record<string, string> }[];
}

interface Briefing {
  steps: { id: string; control?: Record<string, string> }[];
}

const FOLDER = 'web/src/closeups/drawings';
const catalogue = parse(readFileSync('catalogue/closeups.yaml', 'utf8')) as CloseUps;
const drawings = new Map(
  readdirSync(FOLDER).map((file) => [file.replace('.svg', ''), readDrawing(readFileSync(`${FOLDER}/${file}`, 'utf8'))]),
);

/** Each drawing is read once: a briefing rings the same one many times. */
function drawingOf(name: string) {
  return drawings.get(name) ?? expect.fail(`there is no drawing "${name}"`);
}

/** A small generator of numbers that are the same in each run. */
function random(seed: number): () => number {
  let state = seed;

  return () => {
    state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;

    return state / 2_147_483_648;
  };
}

describe('the close-ups', () => {
  it('have every drawing and every place that the catalogue names', () => {
    for (const { id, draws, anchors } of catalogue.closeups) {
      const drawn = draws.map(({ drawing }) => drawingOf(drawing));
      for (const [check, anchor] of Object.entries(anchors)) {
        expect(
          drawn.some((one) => anchor in one.anchors),
          `${id}: ${check} looks at "${anchor}"`,
        ).toBe(true);
      }
    }
  });

  it('have every control that a step of a briefing rings', () => {
    const steps = ['startup', 'working', 'shutdown'].flatMap(
      (kind) => (parse(readFileSync(`catalogue/briefings/${kind}.yaml`, 'utf8')) as Briefing).steps,
    );
    const rings = steps.flatMap(({ id, control }) => Object.entries(control ?? {}).map(([on, at]) => ({ id, on, at })));
    expect(rings.length).toBeGreaterThan(80);
    for (const { id, on, at } of rings) {
      expect(Object.keys(drawingOf(on).anchors), `${id} rings "${at}" on ${on}`).toContain(at);
    }
  });

  it('name at least six places each, all of them on the drawing', () => {
    expect(drawings.size).toBeGreaterThan(20);
    for (const [file, { anchors, box }] of drawings) {
      expect(Object.keys(anchors).length, file).toBeGreaterThanOrEqual(6);
      for (const [name, [x, y]] of Object.entries(anchors)) {
        expect(x >= box[0] && x <= box[0] + box[2] && y >= box[1] && y <= box[1] + box[3], `${file}: ${name}`).toBe(
          true,
        );
      }
    }
  });

  it('mirror a part with its places', () => {
    const track = drawingOf('track');
    const other = mirrored(track);

    expect(other.anchors.sprocket?.[0]).toBe(-(track.anchors.sprocket?.[0] ?? 0));
    expect(mirrored(other).box).toEqual(track.box);
  });
});

describe('the marks of a drawing', () => {
  it('stand apart, in order, within bounds, and lose nothing: a law over random places', () => {
    const next = random(20_261_127);
    for (let round = 0; round < 200; round++) {
      const [from, length, gap] = [-300 + next() * 100, 200 + next() * 400, 10 + next() * 20];
      const wanted = Array.from({ length: Math.floor(length / gap / 1.5) }, () => from + next() * length).sort(
        (a, b) => a - b,
      );
      const places = spread(wanted, from, from + length, gap);

      expect(places).toHaveLength(wanted.length);
      places.forEach((place, at) => {
        expect(place).toBeGreaterThanOrEqual(from - 1e-6);
        expect(place).toBeLessThanOrEqual(from + length + 1e-6);
        if (at > 0) {
          expect(place - (places[at - 1] ?? 0)).toBeGreaterThanOrEqual(gap - 1e-6);
        }
      });
    }
  });

  it('are outside of the drawing, and each thing has one', () => {
    const box = { x: 0, y: 0, width: 300, height: 120 };
    const things = Array.from({ length: 9 }, (_, at) => ({
      thing: at,
      anchor: [at * 30 + 10, (at % 3) * 40 + 10] as XY,
    }));
    const marks = layMarks(things, box, 30, 15);

    expect(marks.map(({ thing }) => thing).sort((a, b) => a - b)).toEqual(things.map(({ thing }) => thing));
    for (const { at } of marks) {
      expect(at[1] < box.y || at[1] > box.y + box.height).toBe(true);
    }
  });
});
