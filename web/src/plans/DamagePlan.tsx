import { DamageMark } from '../marks/Mark';
import type { Schema } from '../api/client';
import { drawing } from './drawings';
import { Shapes } from './Shapes';

interface Props {
  name: string;
  findings: Schema['Finding'][];
  selected?: string | null;
  label: string;
  onSelect?: (id: string) => void;
}

/** A plan with the damage on it: a mark for each, tied to its spot by a leader. */
export function DamagePlan({ name, findings, selected, label, onSelect }: Props) {
  const { plan, frame } = drawing(name);
  const [x, y, width, height] = frame;
  const room = height * 0.42;
  const scale = width / 400;

  return (
    <svg
      viewBox={`${x} ${y - room} ${width} ${height + 2 * room}`}
      width="100%"
      height="100%"
      preserveAspectRatio="xMidYMid meet"
      role="img"
      aria-label={label}
    >
      <Shapes shapes={plan} />
      {findings.map((finding, at) => {
        const above = finding.at.y < 0;
        const mark = {
          x: finding.at.x + (at % 2 === 0 ? -1 : 1) * 16 * scale,
          y: above ? y - room * 0.4 : y + height + room * 0.4,
        };

        return (
          <g
            key={finding.id}
            onClick={() => onSelect?.(finding.id)}
            style={{ cursor: onSelect === undefined ? undefined : 'pointer' }}
          >
            <path
              d={`M${mark.x},${mark.y}L${finding.at.x},${finding.at.y}`}
              stroke="var(--ink)"
              strokeWidth="1.3"
              vectorEffect="non-scaling-stroke"
            />
            <circle cx={finding.at.x} cy={finding.at.y} r={3.2 * scale} fill="var(--ink)" />
            <g transform={`translate(${mark.x},${mark.y})`}>
              {selected === finding.id && (
                <circle
                  r={25 * scale}
                  fill="var(--jade-tint)"
                  stroke="var(--jade)"
                  strokeWidth="3"
                  vectorEffect="non-scaling-stroke"
                />
              )}
              <DamageMark comparison={finding.comparison} number={finding.number} scale={scale} />
            </g>
          </g>
        );
      })}
    </svg>
  );
}
