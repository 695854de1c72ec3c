import type { Item } from './items';

interface Props {
  item: Item;
  isPresent: boolean;
  size?: number;
}

/** The number of a thing, in the shape of how it stands: as in the list, so on the drawing. */
export function NumberMark({ item, isPresent, size = 32 }: Props) {
  return (
    <svg className="number-mark" width={size} height={size} viewBox="-17 -17 34 34" aria-hidden="true">
      <NumberShape item={item} isPresent={isPresent} />
    </svg>
  );
}

/** The same around the origin of a drawing, 32 units high. */
export function NumberShape({ item, isPresent }: Props) {
  const { outcome, isWaiting, carried, number } = item;
  const isOpen = outcome === 'open';
  const isPicked = isOpen && isPresent;
  const fill = isPicked ? 'var(--ink)' : 'var(--sheet)';

  return (
    <>
      {carried !== null && (
        <rect x="-12" y="-12" width="24" height="24" fill="var(--sheet)" stroke="var(--ink-2)" strokeWidth="1.6" />
      )}
      {carried === null && isOpen && <circle r="15" fill={fill} stroke="var(--ink)" strokeWidth="2" />}
      {outcome === 'stands' && (
        <rect
          x="-15"
          y="-15"
          width="30"
          height="30"
          fill={isWaiting ? 'var(--sheet)' : 'var(--jade)'}
          stroke={isWaiting ? 'var(--ink)' : 'var(--jade)'}
          strokeWidth="2"
        />
      )}
      {outcome === 'attend' && (
        <>
          <path
            d="M-13-15H17L12-1 17 13H-13Z"
            fill="var(--ochre)"
            stroke="var(--ink)"
            strokeWidth="1.8"
            strokeLinejoin="round"
          />
          <path d="M-13-16V16.5" stroke="var(--ink)" strokeWidth="3" />
        </>
      )}
      {outcome === 'stop' && <path d="M-7-15H7L15-6V15H-15V-6Z" fill="var(--oxide)" />}
      <text
        y={carried === null ? 6 : 5}
        textAnchor="middle"
        fontSize={carried === null ? 17 : 14}
        fontWeight="750"
        style={{ fill: textColour(item, isPicked) }}
      >
        {number}
      </text>
    </>
  );
}

function textColour({ outcome, isWaiting }: Item, isPicked: boolean): string {
  if (outcome === 'attend') {
    return 'var(--on-ochre)';
  }
  const isFilled = isPicked || outcome === 'stop' || (outcome === 'stands' && !isWaiting);

  return isFilled ? 'var(--sheet)' : 'var(--ink)';
}
