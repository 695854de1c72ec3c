import { useRef, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { figure } from '../../app/figures';
import { Hatch } from './Hatch';
import type { Result } from './useLimits';

export interface Place {
  x: number;
  y: number;
}

type Pair = string[];

interface Props {
  /** Corners of all that has to be on the drawing, metres out and up. */
  corners: Pair[];
  job: Pair;
  says: string;
  fits: Result['fits'];
  /** Metres out and up. */
  onMove: (out: number, up: number) => void;
  /** What is drawn under the job: `at` turns metres out and up into a place. */
  children: (at: (out: number, up: number) => Place, metre: number, ground: number) => ReactNode;
}

const WIDTH = 560;
const HEIGHT = 520;
const SIDE = 46;
const FOOT = 34;
const STEP = 0.5;

/** A machine seen from its right, over a grid of metres; the job is set by a finger, or moved by the arrows. */
export function JobField({ corners, job: pair, says, fits, onMove, children }: Props) {
  const { t } = useTranslation();
  const svg = useRef<SVGSVGElement>(null);
  const scale = scaleOf([...corners, pair]);
  const job = { out: Number(pair[0]), up: Number(pair[1]) };
  const at = (out: number, up: number) => ({ x: scale.x0 + out * scale.metre, y: scale.y0 - up * scale.metre });
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
      {children(at, scale.metre, scale.y0)}
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

export const point = ({ x, y }: Place) => `${x.toFixed(1)} ${y.toFixed(1)}`;

/** A closed line through places. */
export const outline = (edge: Pair[], at: (out: number, up: number) => Place) =>
  edge.map(([out, up], n) => `${n === 0 ? 'M' : 'L'}${point(at(Number(out), Number(up)))}`).join('') + 'Z';

interface Scale {
  metre: number;
  x0: number;
  y0: number;
  left: number;
  right: number;
  top: number;
}

/** Metres drawn as large as they fit; the machine stands where its reach begins, the ground is the lower edge. */
function scaleOf(corners: Pair[]): Scale {
  const outs = corners.map(([out]) => Number(out));
  const ups = corners.map(([, up]) => Number(up));
  const left = Math.floor(Math.min(...outs, -2) / 2) * 2;
  const right = Math.ceil((Math.max(...outs) + 1) / 2) * 2;
  const top = Math.ceil((Math.max(...ups) + 1) / 2) * 2;
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
