import { useRef, type MouseEvent } from 'react';
import { useTranslation } from 'react-i18next';
import { drawing } from '../../../plans/drawings';
import { Shapes } from '../../../plans/Shapes';
import './finding.css';

interface Props {
  /** The name of the drawing. */
  drawingOf: string;
  /** Points that the picture has to reach. */
  around: { x: number; y: number }[];
  at: { x: number; y: number } | null;
  /** The part of the present station, filled. */
  part: string | null;
  onPlace: (at: { x: number; y: number }) => void;
}

/** Where on the machine it is: a touch on the plan moves the point. Lengths in centimetres. */
export function PlaceOnPlan({ drawingOf, around, at, part, onPlace }: Props) {
  const { t } = useTranslation();
  const svg = useRef<SVGSVGElement>(null);
  const xs = around.map((point) => point.x);
  const ys = around.map((point) => point.y);
  const [left, top] = [Math.min(...xs), Math.min(...ys)];
  const [width, height] = [Math.max(...xs) - left, Math.max(...ys) - top];
  const place = (event: MouseEvent) => {
    const matrix = svg.current?.getScreenCTM();
    if (matrix !== null && matrix !== undefined) {
      const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
      onPlace({ x: Math.round(point.x), y: Math.round(point.y) });
    }
  };

  return (
    <figure className="place-on-plan">
      <svg
        ref={svg}
        viewBox={`${left} ${top} ${width} ${height}`}
        role="img"
        aria-label={t('finding.where')}
        data-testid="place-on-plan"
        onClick={place}
      >
        <rect x={left} y={top} width={width} height={height} fill="transparent" />
        <Shapes shapes={drawing(drawingOf).plan} marked={part} />
        {at !== null && (
          <>
            <circle cx={at.x} cy={at.y} r={width / 26} fill="none" stroke="var(--oxide)" strokeWidth={width / 130} />
            <circle cx={at.x} cy={at.y} r={width / 110} fill="var(--oxide)" />
          </>
        )}
      </svg>
      <figcaption>{t(at === null ? 'finding.touch_where' : 'finding.where')}</figcaption>
    </figure>
  );
}
