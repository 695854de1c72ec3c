import type { InstrumentProps } from './contract';

export interface Band {
  from: number;
  to: number;
  outcome: 'stands' | 'attend' | 'stop' | 'open';
}

export interface ScaleProps extends InstrumentProps {
  low: number;
  high: number;
  bands: Band[];
}

/** How a band is filled; what stands is jade, the rest is told by its pattern as well as by its colour. */
export const FILL: Record<Band['outcome'], string> = {
  stands: 'var(--band)',
  attend: 'var(--ochre)',
  stop: 'var(--oxide)',
  open: 'var(--sheet)',
};

/** Round figures for the marks of a scale, at most `most` of them. */
export function ticks(low: number, high: number, most: number): number[] {
  const rough = (high - low) / most;
  const power = 10 ** Math.floor(Math.log10(rough));
  const step = [1, 2, 2.5, 5, 10].map((one) => one * power).find((one) => one >= rough) ?? 10 * power;
  const first = Math.ceil(low / step - 1e-9);
  const last = Math.floor(high / step + 1e-9);

  return Array.from({ length: last - first + 1 }, (_, at) => Number(((first + at) * step).toFixed(6)));
}
