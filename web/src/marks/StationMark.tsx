import type { Schema } from '../api/client';

type Outcome = Schema['Outcome'];

/** Where somebody stands now. */
export function PresentStation({ z, scale }: { z: number; scale: number }) {
  return (
    <>
      <circle r={z} fill="var(--ink)" />
      <circle r={z + 5 * scale} fill="none" stroke="var(--jade)" strokeWidth="3" vectorEffect="non-scaling-stroke" />
    </>
  );
}

/** What a number is written in on the mark of its station. */
export function stationInk(outcome: Outcome): string {
  switch (outcome) {
    case 'attend':
      return 'var(--on-ochre)';
    case 'open':
      return 'var(--ink)';
    default:
      return 'var(--sheet)';
  }
}

/** The mark of a station: the shape of its verdict, with room for its number. Half as wide as `z` says. */
export function StationShape({ outcome, z }: { outcome: Outcome; z: number }) {
  switch (outcome) {
    case 'stands':
      return <rect x={-z} y={-z} width={2 * z} height={2 * z} fill="var(--jade)" />;
    case 'stop':
      return (
        <path d={`M${-z * 0.45} ${-z}H${z * 0.45}L${z} ${-z * 0.35}V${z}H${-z}V${-z * 0.35}Z`} fill="var(--oxide)" />
      );
    case 'attend':
      return (
        <>
          <path
            d={`M${-z},${-z} H${z * 1.25} L${z * 0.7},0 L${z * 1.25},${z} H${-z} Z`}
            fill="var(--ochre)"
            stroke="var(--ink)"
            strokeWidth="2"
            strokeLinejoin="round"
            vectorEffect="non-scaling-stroke"
          />
          <path
            d={`M${-z},${-z * 1.15}V${z * 1.5}`}
            stroke="var(--ink)"
            strokeWidth="3.4"
            vectorEffect="non-scaling-stroke"
          />
        </>
      );
    case 'open':
      return <circle r={z} fill="var(--sheet)" stroke="var(--ink)" strokeWidth="2" vectorEffect="non-scaling-stroke" />;
  }
}
