import { useTranslation } from 'react-i18next';
import { figure } from '../../app/figures';
import { JobField, outline, point, type Place } from './JobField';
import type { PictureOf, Result } from './useLimits';

interface Props {
  picture: PictureOf<'reach'>;
  says: string;
  fits: Result['fits'];
  /** Metres out and up. */
  onMove: (out: number, up: number) => void;
}

/** The reach of a boom: the maker's line, what is left of it, and what is kept out of. */
export function ReachDrawing({ picture, says, fits, onMove }: Props) {
  const { t } = useTranslation();
  const { maker, yours, job, line, keep_out: keepOut } = picture;

  return (
    <JobField
      corners={line === null ? maker : [...maker, line]}
      job={job}
      says={says}
      fits={fits}
      onMove={onMove}
    >
      {(at, metre, ground) => {
        const wire = line === null ? null : at(Number(line[0]), Number(line[1]));

        return (
          <>
            <path d={outline(maker, at)} className="reach-maker" />
            {yours !== null && <path d={outline(yours, at)} className="reach-yours" />}
            {wire !== null && keepOut !== null && (
              <g>
                <circle cx={wire.x} cy={wire.y} r={Number(keepOut) * metre} className="reach-keep-out" />
                <path d={`M${wire.x} ${wire.y}V${ground}`} className="reach-pole" />
                <circle cx={wire.x} cy={wire.y} r={5} className="reach-wire" />
                <text
                  x={wire.x}
                  y={wire.y - Number(keepOut) * metre - 8}
                  className="reach-words"
                  textAnchor="middle"
                >
                  {t('limits.keep_out', { metres: figure(keepOut) })}
                </text>
              </g>
            )}
            <Boom from={at(0, 0)} to={at(Number(job[0]), Number(job[1]))} metre={metre} />
          </>
        );
      }}
    </JobField>
  );
}

/** The machine at its job point: a chassis, a lower and an upper boom, a basket. It only shows where things are. */
function Boom({ from, to, metre }: { from: Place; to: Place; metre: number }) {
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
