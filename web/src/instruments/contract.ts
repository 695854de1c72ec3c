/** What every drawn instrument takes: the value follows the drawing, the drawing follows the value. */
export interface InstrumentProps {
  value: number;
  unit: string;
  step: number;
  /** The entry of the column before, drawn as a broken line. */
  ghost?: number | null;
  readOnly?: boolean;
  /** Drawn in broken line while the posture is not held. */
  unheld?: boolean;
  label: string;
  valueText: string;
  onChange: (value: number) => void;
}

export interface Marks {
  lowest: number;
  add: number;
  full: number;
  highest: number;
}

export function clampToStep(value: number, step: number, low: number, high: number): number {
  const snapped = Math.round(value / step) * step;

  return Number(Math.min(high, Math.max(low, snapped)).toFixed(3));
}
