import { Grip, InstrumentFrame } from './InstrumentFrame';
import { FILL, ticks, type ScaleProps } from './scale';
import { useSlide } from './useSlide';

const LEFT = 36;
const RIGHT = 324;
const TOP = 100;

/** A steel rule with a sliding jaw: what is measured lies under it, and its bands beside the figures. */
export function ScaleRule({ low, high, bands, ...props }: ScaleProps) {
  const { value, step, ghost, readOnly = false, unheld = false, onChange } = props;
  const x = (at: number) => LEFT + ((at - low) / (high - low)) * (RIGHT - LEFT);
  const slide = useSlide({
    value,
    step,
    low,
    high,
    readOnly,
    onChange,
    valueAt: (at) => low + ((at - LEFT) / (RIGHT - LEFT)) * (high - low),
  });

  return (
    <InstrumentFrame
      viewBox="0 0 360 250"
      value={value}
      low={low}
      high={high}
      label={props.label}
      valueText={props.valueText}
      unheld={unheld}
      slide={slide}
    >
      <rect
        x={LEFT - 22}
        y={TOP}
        width={RIGHT - LEFT + 44}
        height="100"
        fill="var(--sheet)"
        stroke="var(--ink)"
        strokeWidth="2.4"
        className="casing"
      />
      {bands.map((band) => (
        <rect
          key={band.from}
          x={x(band.from)}
          y={TOP + 66}
          width={Math.max(0, x(band.to) - x(band.from))}
          height="34"
          fill={FILL[band.outcome]}
        />
      ))}
      {bands.slice(1).map((band) => (
        <path key={band.from} d={`M${x(band.from)} ${TOP + 60}V${TOP + 108}`} stroke="var(--ink)" strokeWidth="2.6" />
      ))}
      {ticks(low, high, 30).map((at) => (
        <path key={at} d={`M${x(at)} ${TOP}v10`} stroke="var(--ink)" strokeWidth="1" />
      ))}
      {ticks(low, high, 6).map((at) => (
        <g key={at}>
          <path d={`M${x(at)} ${TOP}v20`} stroke="var(--ink)" strokeWidth="1.8" />
          <text x={x(at)} y={TOP + 48} textAnchor="middle" fontSize="20" fontWeight="700">
            {at}
          </text>
        </g>
      ))}
      {bands.slice(1).map((band) => (
        <text key={band.from} x={x(band.from)} y={TOP + 130} textAnchor="middle" fontSize="20" fontWeight="750">
          {Number(band.from.toFixed(3))}
        </text>
      ))}
      {ghost !== undefined && ghost !== null && (
        <path d={`M${x(ghost)} ${TOP - 8}V${TOP + 106}`} stroke="var(--rule)" strokeWidth="2" strokeDasharray="2 4" />
      )}
      <path d={`M${x(value)} ${TOP + 108}V46`} stroke="var(--ink)" strokeWidth="3.4" />
      <path d={`M${x(value) - 14} ${TOP - 2}h28l-14,16z`} fill="var(--ink)" />
      {!readOnly && <Grip x={x(value)} y={30} axis="x" large />}
    </InstrumentFrame>
  );
}
