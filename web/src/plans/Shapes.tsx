import { memo } from 'react';
import type { Shape } from './shapes';

/** Draws a list of shapes; the part under inspection is filled. */
export const Shapes = memo(function Shapes({ shapes, marked }: { shapes: Shape[]; marked?: string | null }) {
  return shapes.map((shape, at) => {
    const Tag = shape.tag;
    const isMarked = marked !== undefined && marked !== null && shape.part === marked;

    return <Tag key={at} className={isMarked ? 'g' : shape.weight} transform={shape.transform} {...shape.attributes} />;
  });
});
