import type { Schema } from '../api/client';

type Outcome = Schema['Outcome'];

/** The shape of a verdict; the word always stands beside it. */
export function Mark({ outcome, size = 22 }: { outcome: Outcome; size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 26 26" aria-hidden="true" style={{ flex: 'none' }}>
      {SHAPES[outcome]}
    </svg>
  );
}

const SHAPES: Record<Outcome, React.ReactNode> = {
  stands: (
    <>
      <rect x="1" y="1" width="24" height="24" fill="var(--jade)" />
      <path d="M6 10.5h14M6 16h14" stroke="var(--sheet)" strokeWidth="2.6" />
    </>
  ),
  attend: (
    <>
      <path
        d="M5 2.5 L24 9.5 L5 16.5Z"
        fill="var(--ochre)"
        stroke="var(--ink)"
        strokeWidth="1.8"
        strokeLinejoin="round"
      />
      <path d="M5 1.5V25" stroke="var(--ink)" strokeWidth="2.6" strokeLinecap="round" />
    </>
  ),
  stop: (
    <>
      <path d="M9.5 6.5 H16.5 L22 12 V25 H4 V12 Z" fill="var(--oxide)" />
      <circle cx="13" cy="11.6" r="2.7" fill="var(--sheet)" />
      <path
        d="M13 11.6 C9.4 7.6 9.6 1.4 13 1.2 C16.4 1.4 16.6 7.6 13 11.6"
        fill="none"
        stroke="var(--ink)"
        strokeWidth="1.7"
      />
      <path d="M7.5 18h11M7.5 21.8h11" stroke="var(--sheet)" strokeWidth="1.9" />
    </>
  ),
  open: <circle cx="13" cy="13" r="10.5" fill="none" stroke="var(--ink)" strokeWidth="2" strokeDasharray="4 3" />,
};

type Comparison = Schema['Finding']['comparison'];

/** Damage is judged in ink alone: one ring the same, two rings worse, a diamond new. */
export function DamageMark({
  comparison,
  number,
  scale = 1,
}: {
  comparison: Comparison;
  number: number;
  scale?: number;
}) {
  const text = (size: number, y: number, fill: string) => (
    <text y={y * scale} textAnchor="middle" fontWeight={750} fontSize={size * scale} style={{ fill }}>
      {number}
    </text>
  );
  if (comparison === 'new') {
    return (
      <g>
        <path d={`M0 ${-18 * scale}L${18 * scale} 0L0 ${18 * scale}L${-18 * scale} 0Z`} fill="var(--ink)" />
        {text(16, 5.5, 'var(--sheet)')}
      </g>
    );
  }

  return (
    <g>
      <circle
        r={(comparison === 'worse' ? 16 : 13) * scale}
        fill="var(--sheet)"
        stroke="var(--ink)"
        strokeWidth="2"
        strokeDasharray={comparison === 'open' ? '4 3' : undefined}
        vectorEffect="non-scaling-stroke"
      />
      {comparison === 'worse' && (
        <circle r={11.5 * scale} fill="none" stroke="var(--ink)" strokeWidth="2" vectorEffect="non-scaling-stroke" />
      )}
      {text(comparison === 'worse' ? 14 : 16, 5.3, 'var(--ink)')}
    </g>
  );
}

export function DamageIcon({
  comparison,
  number,
  size = 36,
}: {
  comparison: Comparison;
  number: number;
  size?: number;
}) {
  return (
    <svg width={size} height={size} viewBox="-20 -20 40 40" aria-hidden="true" style={{ flex: 'none' }}>
      <DamageMark comparison={comparison} number={number} />
    </svg>
  );
}
