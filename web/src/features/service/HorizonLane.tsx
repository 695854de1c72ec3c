import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { daysBetween } from './days';
import { Flag, Hatch } from './Flag';

interface Props {
  machine: Schema['ServiceHorizon']['machines'][number];
  today: string;
  days: number;
  step: number;
  weekends: boolean[];
}

const HEIGHT = 58;
const UPPER = 20;
const LOWER = 43;
const LETTER = 7.6;

/** A machine's three weeks in two lanes: above what falls due, below the hires that are booked. */
export function HorizonLane({ machine, today, days, step, weekends }: Props) {
  const { t } = useTranslation();
  const width = days * step;
  const at = (day: string) => Math.max(0, Math.min(width, daysBetween(today, day) * step));
  const groups = grouped(machine.points);

  return (
    <svg
      width={width}
      height={HEIGHT}
      role="img"
      aria-label={t('service.lane_of', {
        number: machine.fleet_number,
        words: machine.points.map(({ name }) => name).join('; '),
      })}
    >
      <Hatch />
      {weekends.map(
        (is, day) => is && <rect key={day} x={day * step} y={0} width={step} height={HEIGHT} fill="var(--shade)" />,
      )}
      {machine.hires.map((hire) => {
        const [from, until] = [at(hire.from), Math.min(width, at(hire.until) + step)];

        return (
          <g key={hire.hire_id}>
            <rect x={from} y={LOWER - 9} width={Math.max(4, until - from)} height={18} className="lane-hire" />
            <path d={`M${from + 1.5} ${LOWER - 10}V${LOWER + 10}`} className="lane-cap" />
            {(until - from) / LETTER > 4 && (
              <text x={from + 8} y={LOWER + 5} className="lane-words">
                {cut(hire.customer, (until - from - 14) / LETTER)}
              </text>
            )}
          </g>
        );
      })}
      {groups.map((group, nth) => {
        const point = group.points[0];
        const x = at(group.day) + 2;
        const next = groups[nth + 1];
        const room = (next === undefined ? width : at(next.day)) - x - 34;
        const words =
          group.points.length === 1
            ? point.brief
            : t('service.what_and_more', { what: point.brief, count: group.points.length - 1 });
        const isFirstClash = groups.findIndex((one) => one.points.some(isClash)) === nth;
        const clash = group.points.find(isClash);
        const likely = group.points.find((one) => one.likely !== null)?.likely;

        return (
          <g key={group.day} data-testid={clash === undefined ? 'flag' : 'clash'}>
            {likely !== null && likely !== undefined && at(likely.earliest) < width && (
              <path
                d={`M${at(likely.earliest)} ${UPPER + 8}L${at(likely.latest ?? group.day)} ${UPPER}V${UPPER + 8}Z`}
                className="scale-wedge"
              />
            )}
            {clash !== undefined && (
              <>
                <path d={`M${x} 4V${HEIGHT - 2}`} className="lane-clash" />
                {isFirstClash && (
                  <Plate x={x} width={width} words={t('service.comes_due', { day: clash.on_hire?.day })} />
                )}
              </>
            )}
            <Flag x={x} y={UPPER} isByDate={point.hours_left === null} mark={worstOf(group.points)} />
            <text x={x + 32} y={UPPER - 1} className="lane-words">
              {cut(words, room / LETTER)}
            </text>
          </g>
        );
      })}
      <path d={`M1 0V${HEIGHT}`} className="lane-cap" />
    </svg>
  );
}

function Plate({ x, width, words }: { x: number; width: number; words: string }) {
  const wide = words.length * LETTER + 12;
  const left = x + wide > width ? x - wide : x;

  return (
    <>
      <rect x={left} y={LOWER - 9} width={wide} height={18} fill="var(--ink)" />
      <text x={left + 6} y={LOWER + 5} className="lane-plate">
        {words}
      </text>
    </>
  );
}

type Point = Schema['ServicePoint'];

/** A flag is as urgent as the most urgent of its points. */
const worstOf = (points: Point[]): Point['mark'] =>
  (['stop', 'attend'] as const).find((mark) => points.some((point) => point.mark === mark)) ?? 'stands';

/** Something of the yard's that falls due while the machine is out. */
const isClash = (point: Point): boolean => point.on_hire !== null && point.done_by === 'yard';

/** Points of one day under one flag; what is the yard's stands before what is the hirer's. */
function grouped(points: Point[]): { day: string; points: [Point, ...Point[]] }[] {
  const found = new Map<string, [Point, ...Point[]]>();
  for (const point of [...points].sort((a, b) => Number(a.done_by === 'hirer') - Number(b.done_by === 'hirer'))) {
    const day = point.on_hire?.on ?? point.day;
    if (day !== null && day !== undefined) {
      const before = found.get(day);
      found.set(day, before === undefined ? [point] : [...before, point]);
    }
  }

  return [...found].map(([day, together]) => ({ day, points: together })).sort((a, b) => (a.day < b.day ? -1 : 1));
}

function cut(words: string, letters: number): string {
  if (words.length <= letters) {
    return words;
  }

  return letters < 3 ? '' : `${words.slice(0, Math.floor(letters) - 1)}…`;
}
