import { useRef, type PointerEvent } from 'react';
import { useTranslation } from 'react-i18next';
import './instruments.css';

interface Props {
  value: number;
  wholeDigits: number;
  decimals: number;
  readOnly?: boolean;
  label: string;
  valueText: string;
  onChange: (value: number) => void;
}

const DRAG_PER_DIGIT = 34;

/** Drums behind a window, set to look like the real ones: drag a drum, tap above or below it, or use the keys. */
export function HourMeter({ value, wholeDigits, decimals, readOnly = false, label, valueText, onChange }: Props) {
  const places = Array.from({ length: wholeDigits + decimals }, (_, at) => wholeDigits - 1 - at);
  const most = 10 ** wholeDigits - 10 ** -decimals;
  const set = (next: number) => onChange(Number(Math.min(most, Math.max(0, next)).toFixed(decimals)));

  return (
    <div
      className="drums"
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuenow={value}
      aria-valuemin={0}
      aria-valuemax={most}
      aria-valuetext={valueText}
      onKeyDown={(event) => {
        const steps = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1, PageUp: 10, PageDown: -10 }[event.key];
        if (steps !== undefined && !readOnly) {
          event.preventDefault();
          set(value + steps * 10 ** -decimals);
        }
      }}
    >
      {places.map((place) => (
        <Drum
          key={place}
          value={value}
          place={place}
          readOnly={readOnly}
          onTurn={(turns) => set(value + turns * 10 ** place)}
        />
      ))}
    </div>
  );
}

function Drum({
  value,
  place,
  readOnly,
  onTurn,
}: {
  value: number;
  place: number;
  readOnly: boolean;
  onTurn: (turns: number) => void;
}) {
  const { t } = useTranslation();
  const from = useRef<number | null>(null);
  const digit = Math.floor(Math.round(value * 10) / 10 / 10 ** place + 1e-6) % 10;
  const shown = place < 0 ? Math.round(value * 10) % 10 : digit;

  const drag = (event: PointerEvent) => {
    if (from.current === null) {
      return;
    }
    const turns = Math.trunc((from.current - event.clientY) / DRAG_PER_DIGIT);
    if (turns !== 0) {
      from.current -= turns * DRAG_PER_DIGIT;
      onTurn(turns);
    }
  };

  return (
    <div className={`drum ${place < 0 ? 'tenths' : ''}`}>
      <button
        type="button"
        tabIndex={-1}
        disabled={readOnly}
        aria-label={t('instrument.drum_up', { place: 10 ** place })}
        onClick={() => onTurn(1)}
      >
        +
      </button>
      <output
        onPointerDown={(event) => {
          if (!readOnly) {
            event.currentTarget.setPointerCapture(event.pointerId);
            from.current = event.clientY;
          }
        }}
        onPointerMove={drag}
        onPointerUp={() => {
          from.current = null;
        }}
      >
        {shown}
      </output>
      <button
        type="button"
        tabIndex={-1}
        disabled={readOnly}
        aria-label={t('instrument.drum_down', { place: 10 ** place })}
        onClick={() => onTurn(-1)}
      >
        −
      </button>
    </div>
  );
}
