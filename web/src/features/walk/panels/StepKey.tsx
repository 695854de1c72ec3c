import ButtonBase from '@mui/material/ButtonBase';
import { useEffect, useRef } from 'react';

const FIRST_REPEAT_MS = 420;
const REPEAT_MS = 1000 / 6;

/** Steps by one; held, it repeats six times a second. */
export function StepKey({
  label,
  sign,
  step,
  onStep,
}: {
  label: string;
  sign: string;
  step: string;
  onStep: () => void;
}) {
  const latest = useRef(onStep);
  const timer = useRef<number | undefined>(undefined);
  useEffect(() => {
    latest.current = onStep;
  });
  useEffect(() => () => window.clearTimeout(timer.current), []);
  const stop = () => window.clearTimeout(timer.current);
  const repeat = () => {
    latest.current();
    timer.current = window.setTimeout(repeat, REPEAT_MS);
  };

  return (
    <ButtonBase
      className="act step-key"
      data-repeats=""
      aria-label={label}
      data-testid={sign === '+' ? 'step-up' : 'step-down'}
      onPointerDown={() => {
        timer.current = window.setTimeout(repeat, FIRST_REPEAT_MS);
      }}
      onPointerUp={stop}
      onPointerLeave={stop}
      onPointerCancel={stop}
      onClick={onStep}
    >
      <span className="step-sign">{sign}</span>
      <small>{step}</small>
    </ButtonBase>
  );
}
