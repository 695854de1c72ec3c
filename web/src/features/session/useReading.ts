import { useMemo } from 'react';
import type { Reading, UnitPair } from '../../app/units';
import { useMe, useSession } from './useSession';

const NONE: UnitPair[] = [];

/** How whoever is signed in reads figures. */
export function useReading(): Reading {
  const shown = useMe().units_shown;
  const pairs = useSession().data?.unit_pairs ?? NONE;

  return useMemo(() => ({ shown, pairs }), [shown, pairs]);
}

/** The second unit in which a figure may be typed; none where there is none, or nobody asked for it. */
export function useOtherUnit(unit: string): (UnitPair & { isFirst: boolean }) | undefined {
  const { shown, pairs } = useReading();
  const pair = pairs.find((one) => one.unit === unit);

  return shown === 'si' || pair === undefined ? undefined : { ...pair, isFirst: shown !== 'si_first' };
}
