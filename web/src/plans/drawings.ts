import { excavatorPlan, excavatorSide } from './trackedExcavator';
import { mowerPlan, mowerSide } from './rideOnMower';
import type { Shape } from './shapes';

export interface Drawing {
  plan: Shape[];
  side: Shape[];
  /** What a miniature shows: x, y, width, height in centimetres. */
  frame: [number, number, number, number];
  /** How high the elevation stands above its ground line, in centimetres. */
  height: number;
}

/** The drawings that families name in the catalogue. */
const DRAWINGS: Record<string, Drawing> = {
  tracked_excavator: { plan: excavatorPlan(), side: excavatorSide(), frame: [-520, -160, 760, 310], height: 410 },
  ride_on_mower: { plan: mowerPlan(), side: mowerSide(), frame: [-136, -72, 336, 144], height: 130 },
};

const NOTHING: Drawing = { plan: [], side: [], frame: [-100, -50, 200, 100], height: 100 };

export const drawing = (name: string): Drawing => DRAWINGS[name] ?? NOTHING;
