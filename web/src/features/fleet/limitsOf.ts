import type { Schema } from '../../api/client';

/** The page with the limits of a machine, for one of its hires where there is one. */
export function limitsOf(machineId: string, hireId: string | null): string {
  return `/fleet/${machineId}/limits${hireId === null ? '' : `?hire=${hireId}`}`;
}

/** The hire that has the machine now. */
export function openFolio(folios: Schema['MachineDetail']['folios']): string | null {
  return folios.find((folio) => folio.in_at === null)?.hire_id ?? null;
}
