import type { Schema } from '../../api/client';
import { drawing } from '../../plans/drawings';
import { Shapes } from '../../plans/Shapes';
import './service.css';

export interface Numbered {
  number: number;
  /** Where on the drawing, in centimetres; nothing where that does not show it. */
  at: Schema['Position'] | null;
  isDone: boolean;
}

type Mark = Schema['Position'] & { numbers: number[]; isDone: boolean };

/**
 * Three or more in a row are written as from and to: the marks of two stations that are near would lie on each other.
 */
function together(numbers: number[]): string {
  const [first, last] = [numbers[0], numbers[numbers.length - 1]];

  return numbers.length > 2 && first !== undefined && last === first + numbers.length - 1
    ? `${first}–${last}`
    : numbers.join(' ');
}

/** The plan of a machine with a number at each place; what lies at the same place shares a mark. */
export function NumberedPlan({ plan, places, label }: { plan: string; places: Numbered[]; label: string }) {
  const art = drawing(plan);
  const [x, y, width, height] = art.frame;
  const size = width * 0.036;
  const marks = new Map<string, Mark>();
  places.forEach(({ number, at, isDone }) => {
    if (at === null) {
      return;
    }
    const key = `${at.x} ${at.y}`;
    const mark = marks.get(key) ?? { ...at, numbers: [], isDone: true };
    marks.set(key, { ...mark, numbers: [...mark.numbers, number], isDone: mark.isDone && isDone });
  });

  return (
    <svg
      className="numbered-plan"
      viewBox={[x - size, y - size, width + 2 * size, height + 2 * size].join(' ')}
      role="img"
      aria-label={label}
    >
      <Shapes shapes={art.plan} />
      {[...marks.values()].map(({ x: cx, y: cy, numbers, isDone }) => {
        const words = together(numbers);
        const half = size * (0.6 + 0.28 * words.length);

        return (
          <g key={words} className={isDone ? 'grease-mark grease-done' : 'grease-mark'}>
            <rect x={cx - half} y={cy - size} width={2 * half} height={size * 2} rx={size} />
            <text x={cx} y={cy} fontSize={size * 1.3} textAnchor="middle" dominantBaseline="central">
              {words}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
