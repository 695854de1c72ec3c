import { useRef } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { figure } from '../../app/figures';
import { useSize } from '../../plans/useSize';
import { dayAndMonth, daysBetween } from './days';
import { Flag, Hatch } from './Flag';

type Point = Schema['ServicePoint'];

interface Props {
  service: Schema['ServiceOfMachine'];
  onPoint: ((id: string) => void) | undefined;
}

/** How many hours the scale is ruled for; what is further off is an arrow. */
const HOURS = 500;
const RULED = [0, 100, 200, 300, 400, 500];
const LABELS = 122;
const ROW = 38;
const HEAD = 34;
const LETTER = 8.4;

/** Hours to each service, ruled from now. */
export function ServiceScale({ service, onPoint }: Props) {
  const { t } = useTranslation();
  const box = useRef<HTMLDivElement>(null);
  const { width } = useSize(box);
  const known = service.points.filter((point) => point.state !== 'not_known');
  const unknown = service.points.length - known.length;
  const right = width - 14;
  const at = (hours: number) => LABELS + ((right - LABELS) * Math.max(0, Math.min(HOURS, hours))) / HOURS;
  const height = HEAD + known.length * ROW;

  return (
    <section className="service-scale" aria-label={t('service.hours_to')}>
      <h3>{t('service.hours_to')}</h3>
      <div ref={box}>
        {known.length > 0 && (
          <svg width={width} height={height} role="group" aria-label={t('service.hours_to')}>
            <Hatch />
            {RULED.map((hours) => (
              <g key={hours}>
                <path d={`M${at(hours)} ${HEAD - 8}V${height}`} className={hours === 0 ? 'scale-now' : 'scale-rule'} />
                <text x={at(hours)} y={16} textAnchor={hours === HOURS ? 'end' : 'middle'} className="scale-figure">
                  {hours}
                </text>
              </g>
            ))}
            <path d={`M${at(0)} ${HEAD - 8}H${right}`} className="scale-base" />
            {known.map((point, row) => (
              <Row
                key={point.id}
                point={point}
                y={HEAD + row * ROW + ROW / 2 + 4}
                at={at}
                right={right}
                today={service.today}
                onPoint={onPoint}
              />
            ))}
          </svg>
        )}
      </div>
      {unknown > 0 && <p className="service-unknown">{t('service.not_recorded', { count: unknown })}</p>}
    </section>
  );
}

interface RowProps {
  point: Point;
  y: number;
  at: (hours: number) => number;
  right: number;
  today: string;
  onPoint: ((id: string) => void) | undefined;
}

function Row({ point, y, at, right, today, onPoint }: RowProps) {
  const { t } = useTranslation();
  const left = point.hours_left === null ? null : Number(point.hours_left);
  const words = wordsOf(point, today, t);
  const x = left === null ? at(0) : at(left);
  const isFar = left !== null && left > HOURS;
  const latest = latestHours(point, left, today);
  // Where there is no room at the right of the flag, the words stand at its left.
  const isRight = x + 44 + words.length * LETTER < right;

  return (
    <g
      role="button"
      tabIndex={0}
      className="plan-pick"
      aria-label={`${point.name}: ${words}`}
      data-testid={`point-${point.id}`}
      onClick={() => onPoint?.(point.id)}
      onKeyDown={(event) => event.key === 'Enter' && onPoint?.(point.id)}
    >
      <rect x={0} y={y - ROW / 2 - 4} width={right + 14} height={ROW} fill="transparent" />
      <path d={`M0 ${y + ROW / 2 - 4}H${right}`} className="scale-line" />
      <text x={0} y={y + 2} className="scale-label">
        {point.brief}
      </text>
      {isFar ? (
        <>
          <path
            d={`M${at(0)} ${y}H${right - 4}M${right - 14} ${y - 6}L${right - 3} ${y}L${right - 14} ${y + 6}`}
            className="scale-arrow"
          />
          <text x={(at(0) + right) / 2} y={y + 5} textAnchor="middle" className="scale-words">
            {words}
          </text>
        </>
      ) : (
        <>
          {left !== null && latest !== null && left > 0 && (
            <path d={`M${at(0)} ${y}L${at(latest)} ${y - 7}V${y + 7}Z`} className="scale-wedge" />
          )}
          {left !== null && <path d={`M${at(0)} ${y}H${x}`} className="scale-arrow" />}
          <Flag x={x} y={y} isByDate={left === null} mark={point.mark} />
          <text x={isRight ? x + 36 : x - 8} y={y - 1} textAnchor={isRight ? 'start' : 'end'} className="scale-words">
            {words}
          </text>
        </>
      )}
    </g>
  );
}

function wordsOf(point: Point, today: string, t: (key: string, words?: Record<string, unknown>) => string): string {
  const left = point.hours_left === null ? null : Number(point.hours_left);
  const hours =
    left === null
      ? []
      : [t(left < 0 ? 'service.hours_over' : 'service.hours_left', { hours: figure(Math.abs(left).toFixed(0)) })];
  if (point.state === 'overdue' && (left === null || left >= 0) && point.due_on !== null) {
    return [...hours, t('service.ended', { day: dayAndMonth(point.due_on, today) })].join(', ');
  }

  return [...hours, ...(point.day === null || (left !== null && left < 0) ? [] : [dayAndMonth(point.day, today)])].join(
    ', ',
  );
}

/** The hours at which the latest likely day stands, on a scale of hours. */
function latestHours(point: Point, left: number | null, today: string): number | null {
  if (left === null || point.likely === null) {
    return null;
  }
  const likely = daysBetween(today, point.likely.day);
  if (point.likely.latest === null) {
    return HOURS;
  }

  return likely <= 0 ? null : Math.min(HOURS, (left * daysBetween(today, point.likely.latest)) / likely);
}
