import { drawing } from './drawings';
import { Shapes } from './Shapes';

/** The miniature of a family, recognised without its caption. */
export function MiniPlan({ name, width = 76, height = 56 }: { name: string; width?: number; height?: number }) {
  const { plan, frame } = drawing(name);

  return (
    <svg
      className="mini"
      width={width}
      height={height}
      viewBox={frame.join(' ')}
      preserveAspectRatio="xMidYMid meet"
      aria-hidden="true"
    >
      <Shapes shapes={plan} />
    </svg>
  );
}
