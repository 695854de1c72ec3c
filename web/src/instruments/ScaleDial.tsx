import { InstrumentFrame } from './InstrumentFrame';
import { FILL, ticks, type ScaleProps } from './scale';
import { useSlide } from './useSlide';

const CX = 180;
const CY = 176;
const R = 150;
/** The needle swings over three quarters of the circle, from the lower left. */
const FROM = 135;
const SWEEP = 270;

/** A round gauge with a needle and its bands along the rim. */
export function ScaleDial({ low, high, bands, ...props }: ScaleProps) {
  const { value, step, ghost, readOnly = false, unheld = false, onChange } = props;
  const angle = (at: number) => FROM + ((Math.min(high, Math.max(low, at)) - low) / (high - low)) * SWEEP;
  const slide = useSlide({
    value,
    step,
    low,
    high,
    readOnly,
    onChange,
    valueAt: (x, y) => {
      const turned = ((Math.atan2(y - CY, x - CX) * 180) / Math.PI - FROM + 720) % 360;
      if (turned <= SWEEP) {
        return low + (turned / SWEEP) * (high - low);
      }

      // In the gap at the foot the nearer end is meant.
      return turned > (SWEEP + 360) / 2 ? low : high;
    },
  });

  return (
    <InstrumentFrame
      viewBox="0 0 360 348"
      value={value}
      low={low}
      high={high}
      label={props.label}
      valueText={props.valueText}
      unheld={unheld}
      slide={slide}
    >
      <circle cx={CX} cy={CY} r={R + 18} fill="var(--shade)" stroke="var(--ink)" strokeWidth="2.4" className="casing" />
      <circle cx={CX} cy={CY} r={R + 6} fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.4" />
      {bands.map((band) => (
        <path
          key={band.from}
          d={arc(angle(band.from), angle(band.to), R - 9)}
          fill="none"
          stroke={FILL[band.outcome]}
          strokeWidth="18"
        />
      ))}
      {ticks(low, high, 36).map((at) => (
        <path key={at} d={ray(angle(at), R - 18, R)} stroke="var(--ink)" strokeWidth="1" />
      ))}
      {bands.slice(1).map((band) => (
        <path key={band.from} d={ray(angle(band.from), R - 26, R + 4)} stroke="var(--ink)" strokeWidth="2.8" />
      ))}
      {ticks(low, high, 9).map((at) => {
        const [x, y] = polar(angle(at), R - 44);

        return (
          <text key={at} x={x} y={y + 6} textAnchor="middle" fontSize="18" fontWeight="700">
            {at}
          </text>
        );
      })}
      {ghost !== undefined && ghost !== null && (
        <path d={ray(angle(ghost), 20, R)} stroke="var(--rule)" strokeWidth="2" strokeDasharray="2 4" />
      )}
      <path d={ray(angle(value), -26, R - 12)} stroke="var(--ink)" strokeWidth="5" strokeLinecap="round" />
      <circle cx={CX} cy={CY} r="13" fill="var(--ink)" />
      <text x={CX} y={CY + 118} textAnchor="middle" fontSize="20" fontWeight="700">
        {props.unit}
      </text>
    </InstrumentFrame>
  );
}

function polar(degrees: number, radius: number): [number, number] {
  const radians = (degrees * Math.PI) / 180;

  return [CX + Math.cos(radians) * radius, CY + Math.sin(radians) * radius];
}

const ray = (degrees: number, from: number, to: number) =>
  `M${polar(degrees, from).join(' ')}L${polar(degrees, to).join(' ')}`;

const arc = (from: number, to: number, radius: number) =>
  `M${polar(from, radius).join(' ')}A${radius} ${radius} 0 ${to - from > 180 ? 1 : 0} 1 ${polar(to, radius).join(' ')}`;
