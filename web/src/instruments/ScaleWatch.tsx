import { useEffect, useState } from 'react';
import { feel } from '../app/feel';
import { clampToStep } from './contract';
import { ScaleDial } from './ScaleDial';
import type { ScaleProps } from './scale';

interface Props extends ScaleProps {
  /**
   * When it was started, in milliseconds of the tablet's clock; kept outside, so that a locked screen or a reload
   * loses nothing.
   */
  startedAt: number | null;
  names: { start: string; stop: string };
  onStart: (at: number | null) => void;
  /** Where it stops by itself, in the unit of the scale: nothing is held longer than that. */
  stopsAt?: number;
}

const PER_SECOND: Record<string, number> = { s: 1, ms: 1000, min: 1 / 60 };

/** A stopwatch: started once, stopped once, and set by hand where another watch was used. */
export function ScaleWatch({ startedAt, names, onStart, stopsAt, ...props }: Props) {
  const { readOnly = false, step, low, high, unit, onChange } = props;
  const [now, setNow] = useState(() => Date.now());
  const isRunning = startedAt !== null;
  useEffect(() => {
    if (!isRunning) {
      return;
    }
    const timer = window.setInterval(() => setNow(Date.now()), 50);

    return () => window.clearInterval(timer);
  }, [isRunning]);
  const elapsed = startedAt === null ? 0 : (Math.max(now, startedAt) - startedAt) / 1000 * (PER_SECOND[unit] ?? 1);
  const isOver = isRunning && stopsAt !== undefined && elapsed >= stopsAt;
  useEffect(() => {
    if (isOver) {
      onStart(null);
      onChange(clampToStep(stopsAt, step, low, high));
      feel('attend');
    }
  }, [isOver, stopsAt, step, low, high, onStart, onChange]);
  const press = () => {
    const at = Date.now();
    setNow(at);
    if (startedAt === null) {
      onStart(at);
    } else {
      onStart(null);
      onChange(clampToStep(((at - startedAt) / 1000) * (PER_SECOND[unit] ?? 1), step, low, high));
    }
  };

  return (
    <div className="watch">
      <ScaleDial
        {...props}
        value={isRunning ? Math.min(high, elapsed) : props.value}
        readOnly={readOnly || isRunning}
      />
      {!readOnly && (
        <button
          type="button"
          className={`watch-key ${isRunning ? 'watch-runs' : ''}`}
          data-testid="watch"
          aria-pressed={isRunning}
          onClick={press}
        >
          {isRunning ? `${names.stop} ${elapsed.toFixed(1)}` : names.start}
        </button>
      )}
    </div>
  );
}
