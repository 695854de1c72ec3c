import { useTranslation } from 'react-i18next';
import { figure } from '../../app/figures';
import { Hatch } from './Hatch';
import type { Limits } from './useLimits';

interface Props {
  /** Metres per second, as for all of these. */
  limit: number;
  now: number | null;
  gusts: number | null;
  forces: Limits['wind_forces'];
}

const WIDTH = 560;
const MOST = 16;
/** Those that somebody on the ground tells by what moves. */
const SEEN = [3, 4, 5, 6];

/** Wind at the platform: the band up to the limit, what is now, and what one sees of each force. */
export function WindScale({ limit, now, gusts, forces }: Props) {
  const { t } = useTranslation();
  const x = (speed: number) => (Math.min(speed, MOST) / MOST) * WIDTH;

  return (
    <figure className="wind">
      <figcaption>{t('limits.wind_scale')}</figcaption>
      <svg viewBox={`0 0 ${WIDTH} 132`} aria-hidden="true">
        <Hatch id="wind-hatch" />
        <rect x={0} y={26} width={x(limit)} height={34} className="wind-band" />
        <rect x={x(limit)} y={26} width={WIDTH - x(limit)} height={34} className="wind-out" />
        <rect x={0} y={20} width={x(limit)} height={7} className="wind-jade" />
        <path d={`M0 60H${WIDTH}`} className="wind-rule" />
        <path d={`M${x(limit)} 10V74`} className="wind-limit" />
        <text x={Math.min(x(limit) + 6, WIDTH - 170)} y={14} className="wind-words">
          {t('limits.come_down', { speed: figure(String(limit)) })}
        </text>
        {now !== null && <circle cx={x(now)} cy={43} r={7} className="wind-now" />}
        {gusts !== null && <path d={`M${x(now ?? gusts)} 43H${x(gusts)}M${x(gusts)} 34V52`} className="wind-gust" />}
        {forces.filter(({ force }) => SEEN.includes(force)).map(({ force, from }) => (
          <g key={force}>
            <path d={`M${x(Number(from))} 60V128`} className="wind-tick" />
            <text x={x(Number(from)) + 5} y={84}>
              <tspan className="wind-force">{force}</tspan> {t(`limits.force.${force}`)}
            </text>
            {t(`limits.seen.${force}`).split('|').map((part, row) => (
              <text key={part} x={x(Number(from)) + 5} y={104 + row * 17} className="wind-seen">
                {part}
              </text>
            ))}
          </g>
        ))}
      </svg>
    </figure>
  );
}
