import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { useTranslation } from 'react-i18next';
import { figure } from '../../app/figures';
import { Hatch } from './Hatch';
import type { Result } from './useLimits';

type Picture = NonNullable<Result['picture']>;

interface Props {
  picture: Picture;
  says: string;
  fits: Result['fits'];
  /** Metres out and up. */
  onMove: (out: number, up: number) => void;
}

const WIDTH = 560;
const HEIGHT = 520;
const SIDE = 46;
const FOOT = 34;
const STEP = 0.5;

/** The reach of a boom seen from its right: the maker's line, what is left of it, and what is kept out of. */
export function ReachDrawing({ picture, says, fits, onMove }: Props) {
  const { t } = useTranslation();
  const svg = useRef<SVGSVGElement>(null);
  const scale = scaleOf(picture);
  const job = { out: Number(picture.job[0]), up: Number(picture.job[1]) };
  const at = (out: number, up: number) => ({ x: scale.x0 + out * scale.metre, y: scale.y0 - up * scale.metre });
  const path = (edge: Picture['maker']) =>
    edge.map(([out, up], n) => `${n === 0 ? 'M' : 'L'}${point(at(Number(out), Number(up)))}`).join('') + 'Z';
  const line = picture.line === null ? null : at(Number(picture.line[0]), Number(picture.line[1]));
  const move = (event: PointerEvent) => {
    const box = svg.current?.getBoundingClientRect();
    if (box === undefined || event.buttons === 0) {
      return;
    }
    const x = ((event.clientX - box.left) / box.width) * WIDTH;
    const y = ((event.clientY - box.top) / box.height) * HEIGHT;
    onMove(half(Math.max(0, (x - scale.x0) / scale.metre)), half(Math.max(STEP, (scale.y0 - y) / scale.metre)));
  };
  const press = (event: KeyboardEvent) => {
    const [out, up] = STEPS[event.key] ?? [0, 0];
    if (out !== 0 || up !== 0) {
      event.preventDefault();
      onMove(Math.max(0, job.out + out), Math.max(STEP, job.up + up));
    }
  };

  return (
    <svg
      ref={svg}
      className="reach"
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="application"
      aria-label={t('limits.reach_drawn', { out: figure(String(job.out)), up: figure(String(job.up)), says })}
      tabIndex={0}
      onPointerDown={move}
      onPointerMove={move}
      onKeyDown={press}
      data-testid="reach"
    >
      <Hatch id="reach-hatch" />
      <Grid scale={scale} />
      <path d={path(picture.maker)} className="reach-maker" />
      {picture.yours !== null && <path d={path(picture.yours)} className="reach-yours" />}
      {line !== null && picture.keep_out !== null && (
        <g>
          <circle cx={line.x} cy={line.y} r={Number(picture.keep_out) * scale.metre} className="reach-keep-out" />
          <path d={`M${line.x} ${line.y}V${scale.y0}`} className="reach-pole" />
          <circle cx={line.x} cy={line.y} r={5} className="reach-wire" />
          <text
            x={line.x}
            y={line.y - Number(picture.keep_out) * scale.metre - 8}
            className="reach-words"
            textAnchor="middle"
          >
            {t('limits.keep_out', { metres: figure(picture.keep_out) })}
          </text>
        </g>
      )}
      <Boom from={at(0, 0)} to={at(job.out, job.up)} metre={scale.metre} />
      <circle cx={at(job.out, job.up).x} cy={at(job.out, job.up).y} r={6} className={`reach-job reach-${fits}`} />
    </svg>
  );
}

const STEPS: Record<string, [number, number]> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, STEP],
  ArrowDown: [0, -STEP],
};

const half = (metres: number) => Math.round(metres / STEP) * STEP;

const point = ({ x, y }: { x: number; y: number }) => `${x.toFixed(1)} ${y.toFixed(1)}`;

interface Scale {
  metre: number;
  x0: number;
  y0: number;
  left: number;
  right: number;
  top: number;
}

/** Metres drawn as large as they fit; the machine stands where its reach begins, the ground is the lower edge. */
function scaleOf(picture: Picture): Scale {
  const outs = [...picture.maker.map(([out]) => Number(out)), Number(picture.job[0])];
  const ups = [...picture.maker.map(([, up]) => Number(up)), Number(picture.job[1])];
  const left = Math.floor(Math.min(...outs, -2) / 2) * 2;
  const right = Math.ceil((Math.max(...outs, Number(picture.line?.[0] ?? 0)) + 1) / 2) * 2;
  const top = Math.ceil((Math.max(...ups, Number(picture.line?.[1] ?? 0)) + 1) / 2) * 2;
  const metre = Math.min((WIDTH - SIDE) / (right - left), (HEIGHT - FOOT) / top);

  return { metre, x0: SIDE - left * metre, y0: HEIGHT - FOOT, left, right, top };
}

function Grid({ scale }: { scale: Scale }) {
  const { t } = useTranslation();
  const step = scale.top > 24 ? 8 : 4;
  const ups = range(0, scale.top, step);
  const outs = range(Math.ceil(scale.left / step) * step, scale.right, step);

  return (
    <g className="reach-grid">
      {ups.map((up) => (
        <g key={`up${up}`}>
          <path d={`M${SIDE} ${scale.y0 - up * scale.metre}H${WIDTH}`} />
          <text x={SIDE - 8} y={scale.y0 - up * scale.metre + 5} textAnchor="end">
            {up}
          </text>
        </g>
      ))}
      {outs.map((out) => (
        <g key={`out${out}`}>
          <path d={`M${scale.x0 + out * scale.metre} 0V${scale.y0}`} />
          <text x={scale.x0 + out * scale.metre} y={HEIGHT - 10} textAnchor="middle">
            {Math.abs(out)}
          </text>
        </g>
      ))}
      <text x={WIDTH} y={HEIGHT - 10} textAnchor="end">
        {t('limits.metres_out')}
      </text>
      <path d={`M${SIDE} ${scale.y0}H${WIDTH}`} className="reach-ground" />
    </g>
  );
}

function range(from: number, to: number, step: number): number[] {
  return Array.from({ length: Math.floor((to - from) / step) + 1 }, (_, n) => from + n * step);
}

/** The machine at its job point: a chassis, a lower and an upper boom, a basket. It only shows where things are. */
function Boom({ from, to, metre }: { from: { x: number; y: number }; to: { x: number; y: number }; metre: number }) {
  const pivot = { x: from.x - metre * 0.6, y: from.y - metre * 1.5 };
  const reach = Math.hypot(to.x - pivot.x, to.y - pivot.y);
  const elbow = {
    x: pivot.x + (to.x - pivot.x) * 0.28 - metre * Math.min(1.4, reach / metre / 8),
    y: pivot.y + (to.y - pivot.y) * 0.42 - metre * 0.4,
  };
  const arm = Math.max(4, metre * 0.26);

  return (
    <g className="reach-machine">
      <path d={`M${point(pivot)}L${point(elbow)}`} style={{ strokeWidth: arm + 3 }} className="reach-arm-edge" />
      <path d={`M${point(elbow)}L${point(to)}`} style={{ strokeWidth: arm }} className="reach-arm-edge" />
      <path d={`M${point(pivot)}L${point(elbow)}`} style={{ strokeWidth: arm }} className="reach-arm" />
      <path d={`M${point(elbow)}L${point(to)}`} style={{ strokeWidth: Math.max(1, arm - 3) }} className="reach-arm" />
      <rect x={from.x - metre * 2} y={from.y - metre * 1.6} width={metre * 3.6} height={metre * 0.9} rx={metre * 0.2} />
      {[-1.2, 0.9].map((out) => (
        <circle key={out} cx={from.x + out * metre} cy={from.y - metre * 0.5} r={metre * 0.5} />
      ))}
      <circle cx={elbow.x} cy={elbow.y} r={arm * 0.7} />
      <rect x={to.x - metre * 0.72} y={to.y - metre * 1.1} width={metre * 1.44} height={metre * 1.1} />
      <path d={`M${to.x - metre * 0.72} ${to.y - metre * 0.55}h${metre * 1.44}`} />
      <path d={`M${to.x} ${to.y - metre * 1.1}v${metre * 1.1}`} />
    </g>
  );
}
