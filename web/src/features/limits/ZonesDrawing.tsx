import { figure } from '../../app/figures';
import { JobField, outline, type Place } from './JobField';
import type { PictureOf, Result } from './useLimits';

interface Props {
  picture: PictureOf<'zones'>;
  says: string;
  fits: Result['fits'];
  /** Metres out and up. */
  onMove: (out: number, up: number) => void;
}

/** The load chart of a telescopic handler: what may be held where, and where it is to be held. */
export function ZonesDrawing({ picture, says, fits, onMove }: Props) {
  const { zones, job } = picture;
  // The lighter the load, the larger its zone: it lies below.
  const laid = [...zones].sort((a, b) => Number(a.load.value) - Number(b.load.value));

  return (
    <JobField corners={zones.flatMap(({ edge }) => edge)} job={job} says={says} fits={fits} onMove={onMove}>
      {(at, metre) => (
        <>
          {laid.map(({ load, edge }, n) => (
            <path key={`${load.value}${n}`} d={outline(edge, at)} className={n % 2 === 0 ? 'zone' : 'zone zone-dark'} />
          ))}
          <Arm from={at(0, 0)} to={at(Number(job[0]), Number(job[1]))} metre={metre} />
          {laid.map(({ load, edge }, n) => (
            <text
              key={`${load.value}${n}`}
              {...clearOf(
                at(Number(job[0]), Number(job[1])),
                atTheFarEnd(edge.map(([out, up]) => at(Number(out), Number(up)))),
              )}
              className="reach-words"
              textAnchor="end"
            >
              {figure(load.value)} {load.unit}
            </text>
          ))}
        </>
      )}
    </JobField>
  );
}

/** Inside the corner that lies furthest out, and highest of those. */
function atTheFarEnd(corners: Place[]): Place {
  const far = corners.reduce((best, one) => (one.x > best.x || (one.x === best.x && one.y < best.y) ? one : best));

  return { x: far.x - 8, y: far.y + 20 };
}

/** The load that is held somewhere hides no words: they go down by what they would share with it. */
function clearOf(held: Place, words: Place): Place {
  const isUnder = held.x > words.x - 76 && held.x < words.x + 12 && Math.abs(held.y - words.y + 5) < 18;

  return isUnder ? { x: words.x, y: held.y + 30 } : words;
}

/** The machine with its boom to the job. It only shows where things are. */
function Arm({ from, to, metre }: { from: Place; to: Place; metre: number }) {
  const pivot = { x: from.x - metre * 3.2, y: from.y - metre * 1.7 };
  const width = Math.max(4, metre * 0.3);

  return (
    <g className="reach-machine">
      <path
        d={`M${pivot.x} ${pivot.y}L${to.x - metre * 0.4} ${to.y}`}
        style={{ strokeWidth: width + 3 }}
        className="reach-arm-edge"
      />
      <path
        d={`M${pivot.x} ${pivot.y}L${to.x - metre * 0.4} ${to.y}`}
        style={{ strokeWidth: width }}
        className="reach-arm"
      />
      <rect x={from.x - metre * 3.6} y={from.y - metre * 1.7} width={metre * 3.6} height={metre} rx={metre * 0.2} />
      {[-2.9, -0.6].map((out) => (
        <circle key={out} cx={from.x + out * metre} cy={from.y - metre * 0.55} r={metre * 0.55} />
      ))}
    </g>
  );
}
