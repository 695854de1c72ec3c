import type { Schema } from '../../api/client';
import type { Line, Observed, Walk } from '../walk/state/types';

/** What is typed of one line; what stays empty on the paper stays away here. */
export interface LineDraft {
  /** Stands, or nothing is lit; false where the box beside it is ticked. */
  stands?: boolean;
  words?: string;
  steps?: (boolean | null)[];
  date?: string;
  hours?: string;
  serial?: string;
  /** One figure, or one for each point. */
  values?: string[];
  look?: string;
  face?: 'cold' | 'hot';
  observed?: Record<string, Observed>;
  /** The yard asked once more, and it stands so on the paper. */
  isBeyond?: boolean;
  lamps?: Lamp[];
  /** Codes as they stand on the paper: 110-3, 190-0. */
  codes?: string;
}

export type Lamp = Schema['DashboardReadPayload']['lamps'][number];
export type Answer = Schema['EnterSheet']['answers'][number];

export interface SheetDraft {
  id: string;
  walkedBy: string | null;
  second: string | null;
  begun: string;
  ended: string;
  confirmed: Record<string, string[]>;
  lines: Record<string, LineDraft>;
}

type Said = { kind: Answer['kind']; payload: object } | 'empty' | 'half';

/** As a figure is typed at a desk: with comma or point. */
const figureOf = (text: string): string | null => {
  const plain = text.trim().replace(',', '.');

  return /^-?\d+(\.\d+)?$/.test(plain) ? plain : null;
};

/** The entry that a line comes to: nothing of one that was left empty, and "half" where something is missing. */
export function saidOf(line: Line, draft: LineDraft | undefined): Said {
  if (draft === undefined) {
    return 'empty';
  }
  switch (line.answer) {
    case 'reading':
      return readingOf(line, draft);
    case 'test':
      return testOf(line, draft);
    case 'paper':
      return paperOf(line, draft);
    case 'dashboard':
      return dashboardOf(draft);
    default:
      return draft.stands === undefined ? 'empty' : {
        kind: 'check.answered',
        payload: {
          answer: draft.stands ? 'stands' : 'amiss',
          ...(draft.words === undefined || draft.words.trim() === '' ? {} : { words: draft.words.trim() }),
        },
      };
  }
}

function readingOf(line: Line, draft: LineDraft): Said {
  const instrument = line.instrument;
  const typed = (draft.values ?? []).filter((one) => one.trim() !== '');
  if (instrument === null || (typed.length === 0 && draft.look === undefined)) {
    return 'empty';
  }
  const figures = typed.flatMap((one) => figureOf(one) ?? []);
  const points = instrument.points ?? 1;
  const isDipstick = instrument.kind === 'dipstick';
  const [value] = figures;
  const isSeen = instrument.look_decides !== true || draft.look !== undefined;
  if (figures.length < points || value === undefined || !isSeen) {
    return 'half';
  }

  return {
    kind: 'reading.posted',
    payload: {
      ...(points > 1 ? { points: figures } : { value }),
      unit: instrument.unit,
      observed: line.conditions.flatMap((id) => draft.observed?.[id] ?? []),
      ...(draft.look === undefined ? {} : { look: draft.look }),
      ...(isDipstick ? { face: draft.face ?? 'cold' } : {}),
      ...(draft.isBeyond === true ? { beyond_scale: true } : {}),
    },
  };
}

function testOf(line: Line, draft: LineDraft): Said {
  const steps = line.test.map((_, at) => draft.steps?.[at] ?? null);
  const failed = steps.indexOf(false);
  const words = (draft.words ?? '').trim();
  // A test ends at the step that was not as expected.
  const done = failed < 0 ? steps : steps.slice(0, failed + 1);
  if (steps.every((one) => one === null)) {
    return 'empty';
  }
  if (done.includes(null)) {
    return 'half';
  }

  return {
    kind: 'test.answered',
    payload: {
      steps: done.map((isAsExpected, at) => ({
        as_expected: isAsExpected === true,
        // The tick on the paper says that it was held for as long as stands beside it.
        ...(isAsExpected === true && line.test[at]?.seconds != null ? { seconds: line.test[at].seconds } : {}),
        ...(isAsExpected === false && words !== '' ? { observed: words } : {}),
      })),
    },
  };
}

function paperOf(line: Line, draft: LineDraft): Said {
  if (line.paper?.kind === 'serial') {
    const serial = (draft.serial ?? '').trim();

    return serial === '' ? 'empty' : { kind: 'paper.compared', payload: { serial } };
  }
  const asksHours = line.paper?.asks_hours === true;
  const hours = figureOf(draft.hours ?? '');
  if ((draft.date ?? '') === '' && (draft.hours ?? '') === '') {
    return 'empty';
  }

  return (draft.date ?? '') === '' || (asksHours && hours === null)
    ? 'half'
    : { kind: 'paper.compared', payload: { date: draft.date, ...(asksHours ? { hours } : {}) } };
}

type Code = Schema['DashboardReadPayload']['codes'][number];

/** SPN and FMI of each, "110-3, 190 0" or "SPN 110 FMI 3"; nothing where one of them cannot be read. */
export function codesOf(text: string): Code[] | null {
  const codes: Code[] = [];
  for (const one of text.split(/[,;\n]/).filter((part) => part.trim() !== '')) {
    const found = /^\s*(?:SPN)?\s*(\d{1,6})\s*(?:FMI|[-/ ])\s*(\d{1,2})\s*$/i.exec(one);
    if (found === null) {
      return null;
    }
    codes.push({ spn: Number(found[1]), fmi: Number(found[2]) });
  }

  return codes;
}

function dashboardOf(draft: LineDraft): Said {
  if (draft.stands === undefined) {
    return 'empty';
  }
  if (draft.stands) {
    return { kind: 'dashboard.read', payload: { lamps: [], codes: [] } };
  }
  const lamps = draft.lamps ?? [];
  const codes = codesOf(draft.codes ?? '');

  return codes === null || lamps.length + codes.length === 0
    ? 'half'
    : { kind: 'dashboard.read', payload: { lamps, codes } };
}

export interface Typed {
  answers: Answer[];
  /** Keys of lines of which something is missing. */
  half: string[];
  open: number;
}

/** What stands on the sheet so far; lines that are answered already are not asked. */
export function typedOf(walk: Walk, draft: SheetDraft): Typed {
  const typed: Typed = { answers: [], half: [], open: 0 };
  for (const line of openLines(walk)) {
    const said = saidOf(line, draft.lines[line.key]);
    typed.open += 1;
    if (said === 'half') {
      typed.half.push(line.key);
    } else if (said !== 'empty') {
      typed.answers.push({ kind: said.kind, payload: { line: line.key, ...said.payload } });
    }
  }

  return typed;
}

/** Lines that nobody answered yet, on a tablet or on a sheet that waits for the lead. */
export function openLines(walk: Walk): Line[] {
  const waiting = walk.state.lines_in_doubt ?? [];
  const open = new Set(
    walk.state.lines.filter((one) => one.outcome === 'open' && !waiting.includes(one.key)).map((one) => one.key),
  );

  return walk.plan.visits.flatMap((visit) => visit.lines.filter((line) => open.has(line.key)));
}
