import { useRef, type MouseEvent } from 'react';
import { useTranslation } from 'react-i18next';
import { DamageMark } from '../../../marks/Mark';
import { PresentStation, StationShape, stationInk } from '../../../marks/StationMark';
import { useSize } from '../../../plans/useSize';
import { drawing } from '../../../plans/drawings';
import { Shapes } from '../../../plans/Shapes';
import type { PendingAnswers } from '../state/pendingAnswers';
import type { PlacedHere } from '../state/placedHere';
import { rounded, walkedPart } from './geometry';
import { useView } from '../state/useView';
import { visitOutcome } from '../strip/Strip';
import type { Position } from '../state/useWalkPosition';
import type { Outcome, Visit, Walk } from '../state/types';

interface Props {
  walk: Walk;
  position: Position;
  pending: PendingAnswers;
  /** Findings that were placed here and that the yard does not have yet. */
  unsent: PlacedHere[];
  onPlace?: (place: { x: number; y: number }) => void;
  onFinding: (id: string) => void;
}

/** The plan drawing is the menu: stations on the route round it, findings on it, and a tap places a new one. */
export function WalkDrawing({ walk, position, pending, unsent, onPlace, onFinding }: Props) {
  const { t } = useTranslation();
  const { plan, state } = walk;
  const art = drawing(plan.drawing);
  const svg = useRef<SVGSVGElement>(null);
  const size = useSize(svg);

  const xs = plan.route.map((point) => point.x);
  const ys = plan.route.map((point) => point.y);
  const bounds = { left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), bottom: Math.max(...ys) };
  const span = bounds.right - bounds.left;
  const pad = span * 0.07;
  const width = span + 2 * pad;
  const planHeight = bounds.bottom - bounds.top + 2 * pad;
  // The elevation folds away where there is no room for it under the plan.
  const withSide = size.height / size.width > (planHeight + art.height * 0.8) / width;
  const sideHeight = withSide ? art.height + pad * 0.6 : 0;
  const height = planHeight + sideHeight;
  const view = useView({ x: bounds.left - pad, y: bounds.top - pad, width, height }, position.visit.shows);
  const scale = Math.max(view.box.width / size.width, view.box.height / size.height);
  const visits = plan.visits.filter((visit) => visit.stage === position.visit.stage);
  const isFirstStage = plan.stages[0]?.id === position.visit.stage;
  // The way ends at the last stop beside the machine, and from there in the seat.
  const beside = plan.visits.filter((visit) => visit.stage === plan.stages[0]?.id && !visit.seat);
  const end = Math.max(...beside.map((visit) => visit.walked));
  const seat = plan.visits.find((visit) => visit.seat)?.shows;
  const intoSeat = (points: { x: number; y: number }[]) => (seat === undefined ? points : [...points, seat]);
  const walked =
    isFirstStage && !position.visit.seat
      ? walkedPart(plan.route, position.visit.walked)
      : intoSeat(walkedPart(plan.route, end));

  const tap = (event: MouseEvent) => {
    const matrix = svg.current?.getScreenCTM();
    if (onPlace === undefined || matrix === null || matrix === undefined || view.wasDragged()) {
      return;
    }
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    if (point.y < bounds.bottom && point.y > bounds.top && point.x > bounds.left && point.x < bounds.right) {
      onPlace({ x: Math.round(point.x), y: Math.round(point.y) });
    }
  };

  return (
    <div className="walk-plan">
      <svg
        ref={svg}
        className={`walk-drawing ${view.isCloser ? 'walk-drawing-closer' : ''}`}
        viewBox={`${view.box.x} ${view.box.y} ${view.box.width} ${view.box.height}`}
        {...view.drag}
        preserveAspectRatio="xMidYMid meet"
        role="group"
        aria-label={t('walk.plan', { family: plan.family })}
      >
        {/* A pointer places a finding on the drawing; the keyboard reaches the same leaf by the button beside it. */}
        <g onClick={tap} data-testid="plan">
          <rect x={bounds.left} y={bounds.top} width={span} height={bounds.bottom - bounds.top} fill="transparent" />
          <path className="cl" d={`M${bounds.left - pad * 0.6} 0H${bounds.right + pad * 0.6}`} />
          <path className="route-ahead" d={rounded(intoSeat(walkedPart(plan.route, end)), 30)} />
          <path className="route-walked" d={rounded(walked, 30)} />
          <Shapes shapes={art.plan} marked={position.visit.part} />
        </g>
        <StartCorner walk={walk} scale={scale} />
        {visits
          .filter((visit) => visit.number !== position.visit.number)
          .map((visit) => (
            <Station
              key={visit.number}
              visit={visit}
              scale={scale}
              outcome={visitOutcome(visit, walk, pending)}
              isNow={false}
              onGo={() => position.goVisit(visit)}
            />
          ))}
        <Station
          visit={position.visit}
          scale={scale}
          outcome={visitOutcome(position.visit, walk, pending)}
          isNow
          onGo={() => position.goVisit(position.visit)}
        />
        {state.findings.map((finding) => (
          <g
            key={finding.id}
            transform={`translate(${finding.at.x},${finding.at.y})`}
            role="button"
            tabIndex={0}
            aria-label={t('walk.finding_label', { number: finding.number, kind: finding.kind, part: finding.part })}
            className="finding-mark"
            data-testid={`finding-${finding.number}`}
            onClick={() => onFinding(finding.id)}
            onKeyDown={(event) => event.key === 'Enter' && onFinding(finding.id)}
          >
            <circle r={28 * scale} fill="transparent" />
            <DamageMark comparison={finding.comparison} number={finding.number} scale={scale * 0.85} />
          </g>
        ))}
        {unsent.map((finding) => (
          <g
            key={finding.id}
            transform={`translate(${finding.at.x},${finding.at.y})`}
            role="img"
            aria-label={t('walk.finding_unsent')}
            data-testid="finding-unsent"
          >
            <path
              d={`M0 ${-13 * scale}L${13 * scale} 0L0 ${13 * scale}L${-13 * scale} 0Z`}
              fill="var(--sheet)"
              stroke="var(--ink)"
              strokeWidth={2 * scale}
              strokeDasharray={`${4 * scale} ${3 * scale}`}
            />
          </g>
        ))}
        {withSide && (
          <g transform={`translate(0,${bounds.bottom + pad + art.height + pad * 0.1})`}>
            <Shapes shapes={art.side} />
          </g>
        )}
      </svg>
      <div className="plan-keys">
        {view.isCloser && (
          <button type="button" aria-label={t('plan.whole')} data-testid="plan-whole" onClick={view.whole}>
            1:1
          </button>
        )}
        {view.isCloser && (
          <button type="button" aria-label={t('plan.wider')} onClick={view.wider}>
            −
          </button>
        )}
        <button type="button" aria-label={t('plan.closer')} data-testid="plan-closer" onClick={view.closer}>
          +
        </button>
      </div>
    </div>
  );
}

function StartCorner({ walk, scale }: { walk: Walk; scale: number }) {
  const { t } = useTranslation();
  const [start] = walk.plan.route;
  if (start === undefined) {
    return null;
  }
  const left = start.x < 0;
  const towards = left ? 1 : -1;
  // Where another mark stands beside it, the words stand above that one.
  const isTaken = walk.plan.visits.some(({ stands }) => {
    const away = (stands.x - start.x) * towards;

    return Math.abs(stands.y - start.y) < 30 * scale && away > 20 * scale && away < 170 * scale;
  });

  return (
    <text
      className="start-corner"
      x={start.x + 34 * towards * scale}
      y={start.y + (isTaken ? -24 : 5) * scale}
      textAnchor={left ? 'start' : 'end'}
      fontSize={14.5 * scale}
      fontWeight="650"
    >
      {t(`walk.corner.${walk.plan.start_corner}`)}
    </text>
  );
}

interface StationProps {
  visit: Visit;
  scale: number;
  outcome: Outcome;
  isNow: boolean;
  onGo: () => void;
}

function Station({ visit, scale, outcome, isNow, onGo }: StationProps) {
  const { stands, shows } = visit;
  const at = visit.seat ? shows : stands;
  const z = (isNow ? 21 : 15.5) * scale;

  return (
    <g className="station" role="button" tabIndex={-1} aria-label={`${visit.number} ${visit.name}`} onClick={onGo}>
      {!visit.seat && (
        <>
          <path
            d={`M${at.x},${at.y}L${shows.x},${shows.y}`}
            stroke="var(--ink)"
            strokeWidth={isNow ? 2.4 : 1}
            vectorEffect="non-scaling-stroke"
          />
          <circle cx={shows.x} cy={shows.y} r={(isNow ? 4 : 2.6) * scale} fill="var(--ink)" />
        </>
      )}
      <g transform={`translate(${at.x},${at.y})`}>
        <circle r={28 * scale} fill="transparent" />
        {isNow ? <PresentStation z={z} scale={scale} /> : <StationShape outcome={outcome} z={z} />}
        <text
          y={(isNow ? 8 : 6) * scale}
          textAnchor="middle"
          fontSize={(isNow ? 23 : 16) * scale}
          fontWeight="750"
          style={{ fill: isNow ? 'var(--sheet)' : stationInk(outcome) }}
        >
          {visit.number}
        </text>
      </g>
    </g>
  );
}
