import type { ReactNode } from 'react';
import type { useSlide } from './useSlide';
import './instruments.css';

interface Props {
  viewBox: string;
  value: number;
  low: number;
  high: number;
  label: string;
  valueText: string;
  unheld: boolean;
  slide: ReturnType<typeof useSlide>;
  children: ReactNode;
}

/** The part that all instruments share: a slider to those who cannot see it, a drawing to those who can. */
export function InstrumentFrame({ viewBox, value, low, high, label, valueText, unheld, slide, children }: Props) {
  return (
    <svg
      className={`instrument ${unheld ? 'unheld' : ''}`}
      viewBox={viewBox}
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuenow={value}
      aria-valuemin={low}
      aria-valuemax={high}
      aria-valuetext={valueText}
      {...slide}
    >
      {children}
    </svg>
  );
}

/** The ink block that the finger holds; it stands outside the dial so that the reading is never covered. */
export function Grip({ x, y, axis, large = false }: { x: number; y: number; axis: 'x' | 'y'; large?: boolean }) {
  const [width, height] = large ? [62, 72] : [56, 56];
  const chevrons =
    axis === 'y' ? 'M-12,-11l12,-12 12,12M-12,11l12,12 12,-12' : 'M-10,-11l-12,11 12,11M10,-11l12,11 -12,11';

  return (
    <g transform={`translate(${x},${y})`} className="grip">
      <rect x={-width / 2} y={-height / 2} width={width} height={height} rx="8" fill="var(--ink)" />
      <path
        d={chevrons}
        fill="none"
        stroke="var(--sheet)"
        strokeWidth="3.4"
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </g>
  );
}
