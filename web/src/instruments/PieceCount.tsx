import { InstrumentFrame } from './InstrumentFrame';
import type { InstrumentProps } from './contract';
import { useSlide } from './useSlide';

const WIDTH = 92;

/** A booklet on its string. */
const bookAt = (x: number): string =>
  `M${x + 10} 86h4v14h-4ZM${x - 18} 100h60v88h-60ZM${x - 10} 108v72h44v-72Z` +
  `M${x - 2} 120h28v6h-28ZM${x - 2} 134h28v6h-28ZM${x - 2} 148h18v6h-18Z`;

/** Hooks on a board: as many pieces as were counted hang there, the missing ones are drawn in broken line. */
export function PieceCount({
  expected,
  pieces,
  ...props
}: InstrumentProps & { expected: number; pieces?: string | undefined }) {
  const { value, step, readOnly = false, unheld = false, onChange } = props;
  const hooks = Math.max(expected + 1, value);
  const width = hooks * WIDTH + 40;
  const slide = useSlide({
    value,
    step,
    low: 0,
    high: 20,
    readOnly,
    onChange,
    valueAt: (x) => Math.ceil((x - 20) / WIDTH),
  });

  return (
    <InstrumentFrame
      viewBox={`0 0 ${width} 250`}
      value={value}
      low={0}
      high={20}
      label={props.label}
      valueText={props.valueText}
      unheld={unheld}
      slide={slide}
    >
      <rect className="s" x="4" y="20" width={width - 8} height="60" />
      {Array.from({ length: hooks }, (_, at) => {
        const x = 20 + WIDTH * (at + 0.5);
        const hangs = at < value;

        return (
          <g key={at}>
            <path
              d={`M${x} 52v22q0,12 12,12t12,-12`}
              fill="none"
              stroke="var(--ink)"
              strokeWidth="4"
              strokeLinecap="round"
            />
            {(hangs || at < expected) && (
              <path
                d={
                  pieces === 'manuals'
                    ? bookAt(x)
                    : `M${x + 12} 88a26,26 0 1 0 .1,0ZM${x + 12} 98a16,16 0 1 0 .1,0Z` +
                      `M${x + 6} 139V214h12v-10h12v-12h-12v-14h8v-12h-8v-27Z`
                }
                fillRule="evenodd"
                fill={hangs ? 'var(--ink)' : 'none'}
                stroke={hangs ? 'var(--ink)' : 'var(--rule)'}
                strokeWidth="1.8"
                strokeDasharray={hangs ? undefined : '6 4'}
              />
            )}
          </g>
        );
      })}
      <path d={`M20 238H${20 + WIDTH * expected}`} stroke="var(--jade)" strokeWidth="8" />
    </InstrumentFrame>
  );
}
