import { useMemo, useRef } from 'react';
import { useTranslation } from 'react-i18next';
import { isWide, layMarks } from '../../../closeups/layMarks';
import { mirrored, type CloseUp } from '../../../closeups/readDrawing';
import { useCloseUp } from '../../../closeups/useCloseUp';
import { useSize } from '../../../plans/useSize';
import type { Leaf } from '../state/types';
import { NumberShape } from './NumberMark';
import type { Item } from './items';

interface Props {
  drawing: NonNullable<Leaf['drawing']>;
  items: Item[];
  present: Item | undefined;
  onPick: (item: Item) => void;
}

const MARK_PX = 34;

/** The part as it is seen from where one stands; each thing of the list has its number where it is looked at. */
export function StationDrawing({ drawing, items, present, onPick }: Props) {
  const { t } = useTranslation();
  const svg = useRef<SVGSVGElement>(null);
  const size = useSize(svg);
  const loaded = useCloseUp(drawing.name);
  const closeUp = useMemo(
    () => (loaded.data === undefined || !drawing.mirrored ? loaded.data : mirrored(loaded.data)),
    [loaded.data, drawing.mirrored],
  );

  return (
    <svg
      ref={svg}
      className="close-up"
      role="group"
      aria-label={closeUp?.title ?? t('station.drawing')}
      data-testid="close-up"
      viewBox={viewBox(closeUp, size)}
    >
      {closeUp !== undefined && (
        <Drawn closeUp={closeUp} drawing={drawing} items={items} present={present} size={size} onPick={onPick} />
      )}
    </svg>
  );
}

interface Size {
  width: number;
  height: number;
}

/** Units of the drawing for each pixel, where the marks have their room around it. */
function scaleOf({ box }: CloseUp, size: Size): number {
  const [marks, edge] = [MARK_PX * 3.2, MARK_PX * 0.8];
  const [across, down] = isWide({ width: box[2], height: box[3] }) ? [edge, marks] : [marks, edge];

  return Math.max(box[2] / Math.max(80, size.width - across), box[3] / Math.max(80, size.height - down));
}

function viewBox(closeUp: CloseUp | undefined, size: Size): string {
  if (closeUp === undefined) {
    return '0 0 1 1';
  }
  const scale = scaleOf(closeUp, size);
  const { box } = closeUp;
  const [width, height] = [size.width * scale, size.height * scale];

  return [box[0] + box[2] / 2 - width / 2, box[1] + box[3] / 2 - height / 2, width, height].join(' ');
}

function Drawn({ closeUp, drawing, items, present, size, onPick }: Props & { closeUp: CloseUp; size: Size }) {
  const scale = scaleOf(closeUp, size);
  const [x, y, width, height] = closeUp.box;
  const things = items.flatMap((item) => {
    const anchor = closeUp.anchors[drawing.anchors[item.line.key] ?? ''];

    return anchor === undefined ? [] : [{ thing: item, anchor }];
  });
  const marks = layMarks(things, { x, y, width, height }, MARK_PX * 1.35 * scale, MARK_PX * 0.75 * scale);
  const picked = drawing.anchors[present?.line.key ?? ''];

  return (
    <>
      {picked !== undefined && (
        <style>{`.close-up [data-part="${CSS.escape(picked)}"] :is(.o,.q,.s){fill:var(--jade-tint);stroke:var(--jade)}`}</style>
      )}
      {/* A drawing of our own, which ships with the application: nothing of it was ever entered. */}
      <g dangerouslySetInnerHTML={{ __html: closeUp.inner }} />
      {marks.map(({ thing, anchor, at }) => (
        <g key={thing.id}>
          <path d={`M${at[0]},${at[1]}L${anchor[0]},${anchor[1]}`} className="leader-ground" />
          <path
            d={`M${at[0]},${at[1]}L${anchor[0]},${anchor[1]}`}
            className={thing.id === present?.id ? 'leader leader-present' : 'leader'}
          />
          <circle cx={anchor[0]} cy={anchor[1]} r={3 * scale} fill="var(--ink)" />
        </g>
      ))}
      {marks.map(({ thing, at }) => (
        <g
          key={thing.id}
          className="close-up-mark"
          transform={`translate(${at[0]},${at[1]}) scale(${scale})`}
          onPointerDown={() => onPick(thing)}
        >
          <circle r="24" fill="transparent" />
          {thing.isAlone && thing.carried === null && thing.line.severity === 'stop' && (
            <rect x="-26" y="-16" width="7" height="32" fill="var(--ink)" />
          )}
          <NumberShape item={thing} isPresent={thing.id === present?.id} />
        </g>
      ))}
    </>
  );
}
