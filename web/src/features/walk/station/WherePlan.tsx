import { drawing } from '../../../plans/drawings';
import { Shapes } from '../../../plans/Shapes';
import type { Visit, Walk } from '../state/types';

const WIDTH_PX = 216;

/** Where to stand: the machine from above, the part in jade, one disc, and what is seen from there. */
export function WherePlan({ walk, visit }: { walk: Walk; visit: Visit }) {
  const { plan } = walk;
  const xs = plan.route.map((point) => point.x);
  const ys = plan.route.map((point) => point.y);
  const [left, right, top, bottom] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  // Room for the disc.
  const pad = (right - left) * 0.13;
  const width = right - left + 2 * pad;
  const scale = width / WIDTH_PX;
  const { stands, shows } = visit;
  const length = Math.hypot(shows.x - stands.x, shows.y - stands.y) || 1;
  const across = {
    x: (-(shows.y - stands.y) / length) * 34 * scale,
    y: ((shows.x - stands.x) / length) * 34 * scale,
  };

  return (
    <svg
      className="where-plan mini"
      viewBox={`${left - pad} ${top - pad} ${width} ${bottom - top + 2 * pad}`}
      width={WIDTH_PX}
      height={(WIDTH_PX * (bottom - top + 2 * pad)) / width}
      aria-hidden="true"
    >
      {!visit.seat && (
        <path
          d={`M${stands.x},${stands.y}L${shows.x + across.x},${shows.y + across.y}L${shows.x - across.x},${shows.y - across.y}Z`}
          className="where-eye"
        />
      )}
      <Shapes shapes={drawing(plan.drawing).plan} marked={visit.part} />
      <g
        transform={`translate(${visit.seat ? shows.x : stands.x},${visit.seat ? shows.y : stands.y}) scale(${scale})`}
      >
        <circle r="15" fill="var(--ink)" />
        <circle r="19" fill="none" stroke="var(--jade)" strokeWidth="3" />
        <text y="6" textAnchor="middle" fontSize="17" fontWeight="750" style={{ fill: 'var(--sheet)' }}>
          {visit.number}
        </text>
      </g>
    </svg>
  );
}
