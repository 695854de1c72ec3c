import type { Schema } from '../../api/client';

type Outcome = Schema['Outcome'];

const FILLS: Record<Outcome, string> = {
  stop: 'var(--oxide)',
  attend: 'var(--ochre)',
  open: 'var(--sheet)',
  stands: 'var(--sheet)',
};

interface Props {
  x: number;
  y: number;
  isByDate: boolean;
  mark: Outcome;
}

/** A pole with its flag: notched where it goes by hours, square with lines where it goes by the calendar. */
export function Flag({ x, y, isByDate, mark }: Props) {
  return (
    <g className="flag">
      <path
        d={
          isByDate
            ? `M${x} ${y - 14}H${x + 24}V${y + 2}H${x}Z`
            : `M${x} ${y - 14}H${x + 26}L${x + 19} ${y - 6}L${x + 26} ${y + 2}H${x}Z`
        }
        fill={FILLS[mark]}
        stroke="var(--ink)"
        strokeWidth="1.8"
        strokeLinejoin="round"
      />
      {isByDate && (
        <path d={`M${x + 6} ${y - 9}H${x + 19}M${x + 6} ${y - 4}H${x + 19}`} stroke="var(--ink)" strokeWidth="1.6" />
      )}
      <path d={`M${x} ${y - 15}V${y + 12}`} stroke="var(--ink)" strokeWidth="3" />
    </g>
  );
}

/** What the wedge of a forecast is filled with. */
export function Hatch() {
  return (
    <defs>
      <pattern id="hatch" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <path d="M0 0V5" stroke="var(--ink-2)" strokeWidth="1.6" />
      </pattern>
    </defs>
  );
}
