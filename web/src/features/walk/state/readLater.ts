import type { Walk } from './types';

/** A line that waits for warm oil, and the machine is in a state in which it may be read. */
export const isReadLaterHere = (walk: Walk, line: string): boolean =>
  walk.state.read_later.some((one) => one.line === line && one.stages.includes(walk.state.stage ?? ''));
