import { useTranslation } from 'react-i18next';
import type { InstrumentProps, Marks } from './contract';
import { Grip, InstrumentFrame } from './InstrumentFrame';
import { useSlide } from './useSlide';

const FOOT = 284;
const HEAD = 66;
const TUBE = 236;
const WIDTH = 40;

/** A tube between two fittings on a tank wall: Min, Max and the level, in millimetres or litres. */
export function TankColumn({ marks, ...props }: InstrumentProps & { marks: Marks }) {
  const { value, step, ghost, readOnly = false, unheld = false, onChange } = props;
  const high = marks.highest;
  const y = (level: number) => FOOT - (level / high) * (FOOT - HEAD);
  const slide = useSlide({
    value,
    step,
    low: 0,
    high,
    readOnly,
    onChange,
    valueAt: (_, at) => ((FOOT - at) / (FOOT - HEAD)) * high,
  });
  const level = y(value);

  return (
    <InstrumentFrame
      viewBox="0 0 440 344"
      value={value}
      low={0}
      high={high}
      label={props.label}
      valueText={props.valueText}
      unheld={unheld}
      slide={slide}
    >
      <path d="M40 12V332H182V12" fill="var(--shade)" stroke="var(--ink)" strokeWidth="1.6" className="casing" />
      <path d="M182 12V332" stroke="var(--ink)" strokeWidth="2.6" />
      {Array.from({ length: 16 }, (_, at) => (
        <path key={at} d={`M40 ${34 + at * 20}l16,-16`} stroke="var(--rule)" strokeWidth=".8" />
      ))}
      <path d="M182 36H236V58H182M182 292H236V314H182" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.8" />
      <path
        d="M226 20H286V66H226ZM226 284H286V330H226Z"
        fill="var(--sheet)"
        stroke="var(--ink)"
        strokeWidth="2"
        className="casing"
      />
      <path d="M226 34H286M226 52H286M226 298H286M226 316H286" stroke="var(--rule)" strokeWidth=".9" />
      <rect x={TUBE} y={HEAD} width={WIDTH} height={FOOT - HEAD} fill="var(--sheet)" />
      <rect x={TUBE} y={y(marks.full)} width={WIDTH} height={y(marks.add) - y(marks.full)} fill="var(--band)" />
      <rect x={TUBE} y={level} width={WIDTH} height={FOOT - level} fill="var(--liquid)" />
      {ghost !== undefined && ghost !== null && (
        <path d={`M${TUBE - 6} ${y(ghost)}h${WIDTH + 12}`} stroke="var(--rule)" strokeWidth="2" strokeDasharray="2 4" />
      )}
      <path
        d={`M${TUBE} ${HEAD}V${FOOT}M${TUBE + WIDTH} ${HEAD}V${FOOT}`}
        stroke="var(--ink)"
        strokeWidth="2.4"
        className="casing"
      />
      {value > 0 && (
        <path d={`M${TUBE} ${level - 6}q8,6 20,6t20,-6`} fill="none" stroke="var(--liquid)" strokeWidth="2.2" />
      )}
      {Array.from({ length: 21 }, (_, at) => (
        <path
          key={at}
          d={`M${TUBE + WIDTH} ${FOOT - ((FOOT - HEAD) * at) / 20}h${at % 5 === 0 ? 16 : 9}`}
          stroke="var(--ink)"
          strokeWidth="1.1"
        />
      ))}
      <path d={`M206 ${y(marks.full)}H${TUBE}M206 ${y(marks.add)}H${TUBE}`} stroke="var(--ink)" strokeWidth="1.4" />
      <path d={`M210 ${y(marks.full)}V${y(marks.add)}`} stroke="var(--jade)" strokeWidth="8" />
      <Bounds add={y(marks.add)} full={y(marks.full)} marks={marks} />
      <path d={`M${TUBE + WIDTH} ${level}H352`} stroke="var(--ink)" strokeWidth="3" />
      {!readOnly && <Grip x={380} y={level} axis="y" large />}
    </InstrumentFrame>
  );
}

/** Both limits by name; where they lie close together they step apart, so that neither covers the other. */
function Bounds({ add, full, marks }: { add: number; full: number; marks: Marks }) {
  const { t } = useTranslation();
  const apart = Math.max(0, 40 - (add - full)) / 2;
  const bound = (name: string, value: number, at: number) => (
    <>
      <text x="172" y={at} textAnchor="end" fontSize="17" fontWeight="650">
        {name}
      </text>
      <text x="172" y={at + 19} textAnchor="end" fontSize="20" fontWeight="750">
        {value}
      </text>
    </>
  );

  return (
    <>
      {bound(t('mark.max'), marks.full, full - apart - 2)}
      {bound(t('mark.min'), marks.add, add + apart - 2)}
    </>
  );
}
