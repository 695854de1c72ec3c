import { useEffect, useRef, useState, type ReactNode } from 'react';
import { isSettled } from './touchGuard';
import './holdAct.css';

interface Props {
  children: ReactNode;
  under?: ReactNode;
  tone?: 'jade' | 'oxide' | 'ink';
  disabled?: boolean;
  testId?: string;
  onHeld: () => void;
}

const HOLD_MS = 1000;

/** A final act: held for one second, while the frame fills. Enter and space are held the same way. */
export function HoldButton({ children, under, tone = 'jade', disabled = false, testId, onHeld }: Props) {
  const [holding, setHolding] = useState(false);
  const timer = useRef<number | undefined>(undefined);

  const begin = () => {
    if (disabled || timer.current !== undefined || !isSettled()) {
      return;
    }
    setHolding(true);
    timer.current = window.setTimeout(() => {
      timer.current = undefined;
      setHolding(false);
      onHeld();
    }, HOLD_MS);
  };
  const cancel = () => {
    window.clearTimeout(timer.current);
    timer.current = undefined;
    setHolding(false);
  };
  useEffect(() => () => window.clearTimeout(timer.current), []);

  return (
    <button
      type="button"
      className={`hold hold-${tone} ${holding ? 'holding' : ''}`}
      disabled={disabled}
      data-testid={testId}
      onPointerDown={begin}
      onPointerUp={cancel}
      onPointerLeave={cancel}
      onPointerCancel={cancel}
      onContextMenu={(event) => event.preventDefault()}
      onKeyDown={(event) => {
        if ((event.key === 'Enter' || event.key === ' ') && !event.repeat) {
          event.preventDefault();
          begin();
        }
      }}
      onKeyUp={cancel}
    >
      <span className="hold-fill" aria-hidden="true" />
      <span className="hold-word">{children}</span>
      {under !== undefined && <span className="hold-under">{under}</span>}
    </button>
  );
}
