import type { Schema } from '../../../api/client';

export type Walk = Schema['Walk'];
export type WalkState = Schema['WalkState'];
export type Visit = Schema['Visit'];
export type Line = Schema['PlannedLine'];
export type LineState = Schema['LineState'];
export type Stage = Schema['Stage'];
export type Finding = Schema['Finding'];
export type Outcome = Schema['Outcome'];
export type Observed = Schema['Observed'];
export type Leaf = Schema['Leaf'];
