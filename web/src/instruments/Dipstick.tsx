import { useTranslation } from 'react-i18next';
import type { InstrumentProps, Marks } from './contract';
import { Grip, InstrumentFrame } from './InstrumentFrame';
import { useSlide } from './useSlide';

export type Face = 'cold' | 'hot';

const LEFT = 118;
const RIGHT = 520;
const FACES: Record<Face, number> = { cold: 88, hot: 178 };

interface Props extends InstrumentProps {
  cold: Marks;
  hot?: Marks;
  face: Face;
  onFace: (face: Face) => void;
  names: Record<Face, string>;
}

/** A dipstick with its two faces; the one in use is drawn full. The tip is at the right, millimetres from Add. */
export function Dipstick({ cold, hot, face, onFace, names, ...props }: Props) {
  const { value, step, ghost, readOnly = false, unheld = false, onChange } = props;
  const marks = face === 'hot' && hot !== undefined ? hot : cold;
  const low = cold.lowest;
  const high = Math.max(cold.highest, hot?.highest ?? cold.highest);
  // Oil climbs from the tip: a higher level lies further to the left.
  const x = (level: number) => RIGHT - ((level - low) / (high - low)) * (RIGHT - LEFT);
  const slide = useSlide({
    value,
    step,
    low,
    high,
    readOnly,
    onChange,
    valueAt: (at) => low + ((RIGHT - at) / (RIGHT - LEFT)) * (high - low),
  });
  const y = FACES[face];

  return (
    <InstrumentFrame
      viewBox="0 0 580 222"
      value={value}
      low={low}
      high={high}
      label={props.label}
      valueText={props.valueText}
      unheld={unheld}
      slide={slide}
    >
      <path
        d="M28 74q-18,0 -18,59q0,59 18,59q24,0 24,-59q0,-59 -24,-59Z"
        fill="var(--shade)"
        stroke="var(--ink)"
        strokeWidth="2"
      />
      <path d="M52 124H82V88H100" fill="none" stroke="var(--ink)" strokeWidth="2" />
      {hot !== undefined && <path d="M52 142H82V178H100" fill="none" stroke="var(--ink)" strokeWidth="2" />}
      <Blade
        y={FACES.cold}
        marks={cold}
        x={x}
        on={face === 'cold'}
        level={value}
        name={names.cold}
        onPick={readOnly ? undefined : () => onFace('cold')}
      />
      {hot !== undefined && (
        <Blade
          y={FACES.hot}
          marks={hot}
          x={x}
          on={face === 'hot'}
          level={value}
          name={names.hot}
          onPick={readOnly ? undefined : () => onFace('hot')}
        />
      )}
      {ghost !== undefined && ghost !== null && (
        <path d={`M${x(ghost)} ${y - 22}V${y + 22}`} stroke="var(--rule)" strokeWidth="2" strokeDasharray="2 5" />
      )}
      <path d={`M${x(marks.full)} ${y - 22}H${x(marks.add)}`} stroke="var(--jade)" strokeWidth="7" />
      <path d={`M${x(value)} ${y - 14}V56`} stroke="var(--ink)" strokeWidth="3" />
      {!readOnly && <Grip x={x(value)} y={29} axis="x" />}
    </InstrumentFrame>
  );
}

interface BladeProps {
  y: number;
  marks: Marks;
  x: (level: number) => number;
  on: boolean;
  level: number;
  name: string;
  onPick?: () => void;
}

function Blade({ y, marks, x, on, level, name, onPick }: BladeProps) {
  const { t } = useTranslation();
  const ink = on ? 'var(--ink)' : 'var(--rule)';
  const oil = Math.min(RIGHT, Math.max(100, x(level)));
  const outline = (from: number) => `M${from} ${y - 14}H${RIGHT}q22,0 32,14q-10,14 -32,14H${from}Z`;
  const hatch: string[] = [];
  for (let u = x(marks.full) + 6; u < x(marks.add) - 8; u += 13) {
    hatch.push(`M${u} ${y + 14}l12,-28`);
  }

  return (
    <g onClick={on ? undefined : onPick} style={{ cursor: on ? undefined : 'pointer' }}>
      <path
        d={outline(100)}
        fill="var(--sheet)"
        stroke={ink}
        strokeWidth={on ? 2.4 : 1.4}
        strokeDasharray={on ? undefined : '6 4'}
        className="casing"
      />
      <rect
        x={x(marks.full)}
        y={y - 13}
        width={x(marks.add) - x(marks.full)}
        height="26"
        fill={on ? 'var(--band)' : 'none'}
      />
      {on && <path d={outline(oil)} fill="var(--liquid)" />}
      <path d={hatch.join('')} stroke={on ? 'var(--jade)' : ink} strokeWidth="1.2" fill="none" />
      <path
        d={`M${x(marks.full)} ${y - 20}V${y + 20}M${x(marks.add)} ${y - 20}V${y + 20}`}
        stroke={ink}
        strokeWidth="2.6"
      />
      <text
        x="104"
        y={y + 34}
        fontSize="17"
        fontWeight={on ? 700 : 550}
        style={{ fill: on ? 'var(--ink)' : 'var(--ink-2)' }}
      >
        {name}
      </text>
      {on && (
        <>
          <text x={x(marks.full)} y={y + 37} textAnchor="middle" fontSize="17" fontWeight="650">
            {t('mark.full')} {marks.full}
          </text>
          <text x={x(marks.add)} y={y + 37} textAnchor="middle" fontSize="17" fontWeight="650">
            {t('mark.add')} {marks.add}
          </text>
        </>
      )}
    </g>
  );
}
