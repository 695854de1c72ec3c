import { useTranslation } from 'react-i18next';
import { figure } from '../../app/figures';
import { Hatch } from './Hatch';
import type { PictureOf, Result } from './useLimits';

const WIDTH = 560;
const HEIGHT = 300;
const GROUND = HEIGHT - 26;
const WIRE = { x: 150, y: 84 };

/** An overhead line seen along its wires: what is kept out of around it, and the nearest that anything comes. */
export function LineDrawing({ picture, fits }: { picture: PictureOf<'line'>; fits: Result['fits'] }) {
  const { t } = useTranslation();
  const keepOut = Number(picture.keep_out);
  const nearest = picture.nearest === null ? null : Number(picture.nearest);
  const metre = Math.min(74 / keepOut, (WIDTH - WIRE.x - 110) / Math.max(nearest ?? 0, keepOut * 1.4));
  const tip = nearest === null ? null : WIRE.x + nearest * metre;
  const arm = `M${tip ?? 0} ${WIRE.y}L${WIDTH - 60} ${GROUND - 40}`;

  return (
    <svg
      className="reach"
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={t('limits.line_drawn', { metres: figure(picture.keep_out) })}
      data-testid="line-drawn"
    >
      <Hatch id="reach-hatch" />
      <path d={`M0 ${GROUND}H${WIDTH}`} className="reach-ground" />
      <circle cx={WIRE.x} cy={WIRE.y} r={keepOut * metre} className="reach-keep-out" />
      <path d={`M${WIRE.x} ${WIRE.y}V${GROUND}M${WIRE.x - 26} ${WIRE.y}h52`} className="reach-pole" />
      {[-22, 0, 22].map((x) => (
        <circle key={x} cx={WIRE.x + x} cy={WIRE.y} r={5} className="reach-wire" />
      ))}
      <text x={WIRE.x} y={WIRE.y + keepOut * metre + 24} className="reach-words" textAnchor="middle">
        {t('limits.keep_out', { metres: figure(picture.keep_out) })}
      </text>
      {tip !== null && picture.nearest !== null && (
        <g className="reach-machine">
          <path d={arm} style={{ strokeWidth: 10 }} className="reach-arm-edge" />
          <path d={arm} style={{ strokeWidth: 7 }} className="reach-arm" />
          <rect x={WIDTH - 100} y={GROUND - 50} width={86} height={32} rx={5} />
          <circle cx={WIDTH - 80} cy={GROUND - 14} r={13} />
          <circle cx={WIDTH - 34} cy={GROUND - 14} r={13} />
          <circle cx={tip} cy={WIRE.y} r={7} className={`reach-job reach-${fits}`} />
          <text x={tip} y={WIRE.y - 16} className="reach-words" textAnchor="middle">
            {figure(picture.nearest)} m
          </text>
        </g>
      )}
    </svg>
  );
}
