import { useId } from 'react';
import { useTranslation } from 'react-i18next';
import type { InstrumentProps, Marks } from './contract';
import { Grip, InstrumentFrame } from './InstrumentFrame';
import { useSlide } from './useSlide';

const CX = 182;
const CY = 172;
const FLANGE = 138;
const BEZEL = 107;
const GLASS = 93;

/** A round glass in a tank wall, its level in millimetres from the foot of the glass. */
export function SightGlass({ marks, diameter, ...props }: InstrumentProps & { marks: Marks; diameter: number }) {
  const { t } = useTranslation();
  const { value, step, ghost, readOnly = false, unheld = false, onChange } = props;
  const clip = useId();
  const scale = (2 * GLASS) / diameter;
  const y = (level: number) => CY + GLASS - level * scale;
  const chord = (at: number) => Math.sqrt(Math.max(0, GLASS ** 2 - (at - CY) ** 2));
  const slide = useSlide({
    value,
    step,
    low: 0,
    high: diameter,
    readOnly,
    onChange,
    valueAt: (_, at) => (CY + GLASS - at) / scale,
  });
  const level = y(value);

  return (
    <InstrumentFrame
      viewBox="0 0 372 344"
      value={value}
      low={0}
      high={diameter}
      label={props.label}
      valueText={props.valueText}
      unheld={unheld}
      slide={slide}
    >
      <clipPath id={clip}>
        <circle cx={CX} cy={CY} r={GLASS} />
      </clipPath>
      <circle className="s" cx={CX} cy={CY} r={FLANGE} />
      <circle className="h" cx={CX} cy={CY} r={FLANGE - 6} />
      {Array.from({ length: 8 }, (_, at) => (
        <Bolt key={at} angle={((at + 0.5) * Math.PI) / 4} />
      ))}
      <circle className="o" cx={CX} cy={CY} r={BEZEL} style={{ strokeWidth: 2.6 }} />
      <g clipPath={`url(#${clip})`}>
        <rect x={CX - GLASS} y={CY - GLASS} width={2 * GLASS} height={2 * GLASS} fill="var(--sheet)" />
        <rect
          x={CX - GLASS}
          y={y(marks.full)}
          width={2 * GLASS}
          height={y(marks.add) - y(marks.full)}
          fill="var(--band)"
        />
        <rect x={CX - GLASS} y={level} width={2 * GLASS} height={CY + GLASS - level} fill="var(--liquid)" />
        {Array.from({ length: 8 }, (_, at) => (
          <path
            key={at}
            d={`M${CX - GLASS} ${level + (at + 1) ** 2 * 1.5 + 4}H${CX + GLASS}`}
            stroke="var(--liquid-line)"
            strokeWidth=".9"
          />
        ))}
        {value > 0 && (
          <path
            d={`M${CX - chord(level)} ${level - 5} q6,5 14,5 H${CX + chord(level) - 14} q8,0 14,-5`}
            fill="none"
            stroke="var(--liquid)"
            strokeWidth="2.4"
          />
        )}
        <path
          d={`M${CX - 62} ${CY - 58} A85 85 0 0 1 ${CX - 18} ${CY - 83}`}
          fill="none"
          stroke="var(--rule)"
          strokeWidth="1.4"
        />
        {ghost !== undefined && ghost !== null && (
          <path
            d={`M${CX - GLASS} ${y(ghost)}H${CX + GLASS}`}
            stroke="var(--rule)"
            strokeWidth="2"
            strokeDasharray="2 5"
          />
        )}
      </g>
      <circle className="casing" cx={CX} cy={CY} r={GLASS} fill="none" stroke="var(--ink)" strokeWidth="1.6" />
      <MarkLine
        name={t('mark.full')}
        value={marks.full}
        at={y(marks.full)}
        half={chord(y(marks.full))}
        covered={y(marks.full) > level}
      />
      <MarkLine
        name={t('mark.add')}
        value={marks.add}
        at={y(marks.add)}
        half={chord(y(marks.add))}
        covered={y(marks.add) > level}
      />
      <path d={`M54 ${y(marks.full)}V${y(marks.add)}`} stroke="var(--jade)" strokeWidth="8" />
      <Scale diameter={diameter} y={y} />
      <path d={`M${CX + chord(level)} ${level}H310`} stroke="var(--ink)" strokeWidth="3" />
      <circle cx={CX + chord(level)} cy={level} r="4.5" fill="var(--ink)" />
      {!readOnly && <Grip x={337} y={level} axis="y" large />}
    </InstrumentFrame>
  );
}

function Bolt({ angle }: { angle: number }) {
  const x = CX + 122.5 * Math.cos(angle);
  const y = CY + 122.5 * Math.sin(angle);
  const hex = Array.from(
    { length: 6 },
    (_, at) => `${x + 7 * Math.cos((at * Math.PI) / 3)},${y + 7 * Math.sin((at * Math.PI) / 3)}`,
  ).join('L');

  return (
    <>
      <circle className="q" cx={x} cy={y} r="11" />
      <path className="p" d={`M${hex}Z`} />
    </>
  );
}

function MarkLine({
  name,
  value,
  at,
  half,
  covered,
}: {
  name: string;
  value: number;
  at: number;
  half: number;
  covered: boolean;
}) {
  return (
    <>
      <path
        d={`M${CX - half} ${at}H${CX + half}`}
        stroke={covered ? 'var(--sheet)' : 'var(--jade)'}
        strokeWidth="2.4"
        strokeDasharray="9 4"
      />
      <path d={`M46 ${at}H${CX - BEZEL}`} stroke="var(--ink)" strokeWidth="1.4" />
      <text x="36" y={at - 1} textAnchor="end" fontSize="17" fontWeight="650">
        {name}
      </text>
      <text x="36" y={at + 18} textAnchor="end" fontSize="20" fontWeight="750">
        {value}
      </text>
    </>
  );
}

function Scale({ diameter, y }: { diameter: number; y: (level: number) => number }) {
  return Array.from({ length: Math.ceil(diameter / 3) - 1 }, (_, at) => {
    const level = (at + 1) * 3;
    const inner = Math.sqrt(Math.max(0, GLASS ** 2 - (y(level) - CY) ** 2));
    const outer = Math.sqrt(Math.max(0, BEZEL ** 2 - (y(level) - CY) ** 2));
    const long = level % 12 === 0;

    return (
      <path
        key={level}
        d={`M${CX + inner} ${y(level)}H${CX + inner + (outer - inner) * (long ? 1 : 0.6)}`}
        stroke="var(--ink)"
        strokeWidth={long ? 1.8 : 1}
      />
    );
  });
}
