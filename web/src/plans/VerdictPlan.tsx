import { useRef } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../api/client';
import { DamageMark } from '../marks/Mark';
import { StationShape, stationInk } from '../marks/StationMark';
import { useSize } from './useSize';
import { drawing } from './drawings';
import { Shapes } from './Shapes';

type Station = Schema['LastWalk']['stations'][number];

interface Props {
  name: string;
  label: string;
  stations: Station[];
  findings: Schema['Finding'][];
  selected: string | null;
  onSelect: (id: string) => void;
}

/** Around the machine and its stations, in CSS pixels: for half a mark, and above and below for its name. */
const BESIDE_PX = 44;
const ABOVE_PX = 40;
const MARK_PX = 14;
const NAME_PX = 14.5;
/** A letter is about so wide, as a share of its height. */
const LETTER = 0.58;

/** How many lines further out the name of each station stands, so that no two in a row lie over each other. */
function levels(stations: Station[], scale: number): Map<number, number> {
  const found = new Map<number, number>();
  for (const row of [stations.filter(({ stands }) => stands.y < 0), stations.filter(({ stands }) => stands.y >= 0)]) {
    let [end, level] = [Number.NEGATIVE_INFINITY, 0];
    for (const { number, name, stands } of [...row].sort((a, b) => a.stands.x - b.stands.x)) {
      const half = (name.length * NAME_PX * LETTER * scale) / 2;
      level = stands.x - half < end && level === 0 ? 1 : 0;
      found.set(number, level);
      end = stands.x + half;
    }
  }

  return found;
}

/** A machine as it was left: how each station stood when it was last walked, and all damage that is open. */
export function VerdictPlan({ name, label, stations, findings, selected, onSelect }: Props) {
  const { t } = useTranslation();
  const svg = useRef<SVGSVGElement>(null);
  const size = useSize(svg);
  const { plan, frame } = drawing(name);
  const [left, top, width, height] = frame;
  const around = stations.filter((station) => !station.seat);
  const xs = [left, left + width, ...around.map(({ stands }) => stands.x)];
  const ys = [top, top + height, ...around.map(({ stands }) => stands.y)];
  const [x, y] = [Math.min(...xs), Math.min(...ys)];
  const [wide, high] = [Math.max(...xs) - x, Math.max(...ys) - y];
  const scaleWith = (above: number) => Math.max(wide / (size.width - 2 * BESIDE_PX), high / (size.height - 2 * above));
  // A second line of names needs its room, and takes it only where there is one.
  const isDouble = [...levels(around, scaleWith(ABOVE_PX)).values()].includes(1);
  const above = isDouble ? ABOVE_PX + NAME_PX + 2 : ABOVE_PX;
  const scale = scaleWith(above);
  const level = levels(around, scale);
  const [padX, padY] = [BESIDE_PX * scale, above * scale];
  const box = { x: x - padX, y: y - padY, width: wide + 2 * padX, height: high + 2 * padY };

  return (
    <svg
      ref={svg}
      viewBox={`${box.x} ${box.y} ${box.width} ${box.height}`}
      width="100%"
      height="100%"
      preserveAspectRatio="xMidYMid meet"
      role="group"
      aria-label={label}
    >
      <path className="cl" d={`M${box.x} 0H${box.x + box.width}`} />
      <Shapes shapes={plan} />
      {stations.map((station) => {
        const id = `station-${station.number}`;

        return (
          <Pick
            key={id}
            id={id}
            label={`${station.number} ${station.name}: ${t(`outcome.${station.outcome}`)}`}
            onSelect={onSelect}
          >
            {!station.seat && (
              <path
                d={`M${station.stands.x},${station.stands.y}L${station.shows.x},${station.shows.y}`}
                stroke="var(--ink)"
                strokeWidth="1"
                vectorEffect="non-scaling-stroke"
              />
            )}
            <circle cx={station.shows.x} cy={station.shows.y} r={2.6 * scale} fill="var(--ink)" />
            <g transform={station.seat ? at(station.shows) : at(station.stands)}>
              <circle r={24 * scale} fill="transparent" />
              {selected === id && (
                <circle
                  r={23 * scale}
                  fill="none"
                  stroke="var(--jade)"
                  strokeWidth="3"
                  vectorEffect="non-scaling-stroke"
                />
              )}
              <StationShape outcome={station.outcome} z={MARK_PX * scale} />
              <text
                y={5.5 * scale}
                textAnchor="middle"
                fontSize={15.5 * scale}
                fontWeight="750"
                style={{ fill: stationInk(station.outcome) }}
              >
                {station.number}
              </text>
              <text
                className="plan-name"
                y={nameAt(station, level.get(station.number) ?? 0) * scale}
                textAnchor="middle"
                fontSize={NAME_PX * scale}
                fontWeight="600"
              >
                {station.name}
              </text>
            </g>
          </Pick>
        );
      })}
      {findings.map((finding) => (
        <Pick
          key={finding.id}
          id={finding.id}
          label={`${finding.number} ${finding.part}: ${t(`comparison.${finding.comparison}`)}`}
          onSelect={onSelect}
        >
          <g transform={at(finding.at)}>
            <circle r={24 * scale} fill="transparent" />
            {selected === finding.id && (
              <circle
                r={21 * scale}
                fill="var(--jade-tint)"
                stroke="var(--jade)"
                strokeWidth="3"
                vectorEffect="non-scaling-stroke"
              />
            )}
            <DamageMark comparison={finding.comparison} number={finding.number} scale={scale * 0.85} />
          </g>
        </Pick>
      ))}
    </svg>
  );
}

/** Away from the machine; in the seat, under the mark. In CSS pixels from its middle. */
function nameAt(station: Station, level: number): number {
  const line = MARK_PX + 6 + level * (NAME_PX + 2);

  return station.stands.y < 0 && !station.seat ? -line : line + NAME_PX * 0.7;
}

const at = ({ x, y }: { x: number; y: number }) => `translate(${x},${y})`;

interface PickProps {
  id: string;
  label: string;
  onSelect: (id: string) => void;
  children: React.ReactNode;
}

function Pick({ id, label, onSelect, children }: PickProps) {
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={label}
      className="plan-pick"
      onClick={() => onSelect(id)}
      onKeyDown={(event) => event.key === 'Enter' && onSelect(id)}
    >
      {children}
    </g>
  );
}
