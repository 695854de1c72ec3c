import { clock, hourOfDay } from '../../app/figures';
import { FOLD_HEAD as HEAD, hourOn, hoursOfSlack, hoursShown, rowHeight, yOf } from './geometry';
import type { Row } from './useDay';

const WIDTH = 146;
const LONGEST_WHISKER = 0.75;

interface Props {
  outs: Row[];
  ins: Row[];
  now: string;
  /** Of another day the clock has no hand. */
  isToday: boolean;
  height: number;
}

/** The fold between the pages is the clock: a leader from each row to its latest start, the work as a bar under it. */
export function Fold({ outs, ins, now, isToday, height }: Props) {
  const rows = [...outs, ...ins];
  const day = isToday ? now : (rows[0]?.due_at ?? now);
  const shown = hoursShown(rows, day);
  const [from, to] = shown;
  const y = (hour: number) => yOf(hour, shown, height);
  const scale = { y, hour: (moment: string) => hourOn(moment, day) };
  const nowY = y(hourOfDay(now));
  const hours = Array.from({ length: to - from + 1 }, (_, at) => from + at);

  return (
    <div className="fold" aria-hidden="true">
      <svg width={WIDTH} height={height + HEAD} style={{ overflow: 'visible', display: 'block' }}>
        {isToday && <rect x="0" y={HEAD} width={WIDTH} height={Math.max(0, nowY - HEAD)} fill="var(--shade)" />}
        {hours.map((hour) => (
          <g key={hour}>
            <path d={`M50 ${y(hour)}H96`} stroke="var(--feint)" strokeWidth="1" />
            <rect
              x="56"
              y={y(hour) - 10}
              width="34"
              height="20"
              fill={isToday && hour < hourOfDay(now) ? 'var(--shade)' : 'var(--sheet)'}
            />
            <text
              x="73"
              y={y(hour) + 5.5}
              textAnchor="middle"
              fontSize="16"
              fontWeight="600"
              style={{ fill: 'var(--ink-2)' }}
            >
              {String(hour % 24).padStart(2, '0')}
            </text>
          </g>
        ))}
        <Bars rows={outs} side="out" scale={scale} now={now} />
        <Bars rows={ins} side="in" scale={scale} now={now} />
        <Feeds ins={ins} outs={outs} scale={scale} />
        {isToday && (
          <g>
            <path d={`M-3 ${nowY}H149`} stroke="var(--ink)" strokeWidth="2.4" />
            <rect x="47" y={nowY - 15} width="52" height="30" fill="var(--ink)" />
            <text
              x="73"
              y={nowY + 6}
              textAnchor="middle"
              fontSize="17"
              fontWeight="750"
              style={{ fill: 'var(--sheet)' }}
            >
              {clock(now)}
            </text>
          </g>
        )}
      </svg>
    </div>
  );
}

/** Where the hours of this day lie. */
interface Scale {
  y: (hour: number) => number;
  hour: (moment: string) => number;
}

interface Placed {
  row: Row;
  lane: number;
  centre: number;
  top: number;
  foot: number;
}

/** Bars that would lie over each other step into the next lane. */
function place(rows: Row[], { y, hour }: Scale): Placed[] {
  const placed: Placed[] = [];
  let offset = HEAD;
  for (const row of rows) {
    const start = hour(row.started_at ?? row.start_by);
    const end = row.done_at === null ? start + row.work_seconds / 3600 : hour(row.done_at);
    const bar = { row, centre: offset + rowHeight(row) / 2, top: y(start), foot: Math.max(y(end), y(start) + 14) };
    const taken = placed
      .filter((other) => other.top < bar.foot + 4 && bar.top < other.foot + 4)
      .map((other) => other.lane);
    placed.push({ ...bar, lane: [0, 1].find((lane) => !taken.includes(lane)) ?? 1 });
    offset += rowHeight(row);
  }

  return placed;
}

interface BarsProps {
  rows: Row[];
  side: 'out' | 'in';
  scale: Scale;
  now: string;
}

function Bars({ rows, side, scale, now }: BarsProps) {
  return place(rows, scale).map(({ row, lane, centre, top, foot }) => {
    const x = side === 'out' ? 32 - lane * 17 : 100 + lane * 17;
    const [edge, first, second] = side === 'out' ? [0, 3, 8] : [WIDTH, 143, 138];
    // Longer slack than this is no news; the whisker is cut so that lanes stay apart.
    const slack = row.started_at === null ? Math.min(LONGEST_WHISKER, hoursOfSlack(row, now)) : 0;

    return (
      <g key={row.hire_id}>
        <path
          d={`M${edge} ${centre}H${first}L${second} ${top}H${side === 'out' ? x : x + 14}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={row.done_at === null ? 1.3 : 0.8}
        />
        {slack > 0 && (
          <path
            d={`M${x + 7} ${Math.max(scale.y(scale.hour(row.start_by) - slack), HEAD + 4)}V${top}`}
            stroke="var(--ink)"
            strokeWidth="1.6"
            fill="none"
          />
        )}
        <Bar row={row} x={x} top={top} foot={foot} />
        <path d={`M${x - 3} ${top}h20`} stroke="var(--ink)" strokeWidth="3.4" />
      </g>
    );
  });
}

/** The shape carries the state: two rules, a notched end, chamfer and hole, part filled, hollow. */
function Bar({ row, x, top, foot }: { row: Row; x: number; top: number; foot: number }) {
  const box = `M${x} ${top}H${x + 14}V${foot}H${x}Z`;
  if (row.state.mark === 'stop') {
    return (
      <>
        <path
          d={`M${x} ${top}H${x + 14}V${foot - 6}L${x + 9} ${foot}H${x + 5}L${x} ${foot - 6}Z`}
          fill="var(--oxide)"
        />
        <circle cx={x + 7} cy={foot - 8} r="2.6" fill="var(--sheet)" />
      </>
    );
  }
  if (row.done_at !== null) {
    return (
      <>
        <path d={box} fill="var(--jade)" stroke="var(--jade)" strokeWidth="1.8" />
        <path
          d={`M${x + 2} ${(top + foot) / 2 - 3}h10M${x + 2} ${(top + foot) / 2 + 3}h10`}
          stroke="var(--sheet)"
          strokeWidth="2.2"
        />
      </>
    );
  }
  if (row.started_at !== null) {
    return (
      <>
        <path d={box} fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.8" />
        <path
          d={`M${x + 1} ${top}H${x + 13}V${top + (foot - top) * row.state.progress}H${x + 1}Z`}
          fill="var(--jade)"
        />
      </>
    );
  }
  if (row.state.mark === 'attend') {
    return (
      <path
        d={`M${x} ${top}H${x + 14}V${foot}L${x + 7} ${foot - 7}L${x} ${foot}Z`}
        fill="var(--ochre)"
        stroke="var(--ink)"
        strokeWidth="1.8"
        strokeLinejoin="round"
      />
    );
  }

  return <path d={box} fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.8" />;
}

/** A dashed arrow across the fold: this In is needed for that Out. */
function Feeds({ ins, outs, scale }: { ins: Row[]; outs: Row[]; scale: Scale }) {
  return ins
    .filter((row) => row.done_at === null && outs.some((out) => out.hire_id === row.feeds_hire_id))
    .map((row) => {
      const out = outs.find((candidate) => candidate.hire_id === row.feeds_hire_id);
      const at = scale.y(scale.hour(out?.start_by ?? row.start_by));

      return (
        <g key={row.hire_id} stroke="var(--jade)" strokeWidth="2.4" fill="none">
          <path d={`M100 ${at}H52`} strokeDasharray="5 4" />
          <path d={`M58 ${at - 5}l-8,5 8,5`} />
        </g>
      );
    });
}
