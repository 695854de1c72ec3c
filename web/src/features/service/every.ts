import type { Schema } from '../../api/client';
import { figure } from '../../app/figures';

/** After how much use or time something is due again, in words. */
export function everyOf(every: Schema['ServicePoint']['every'], t: (key: string, words?: Record<string, unknown>) => string): string {
  return [
    ...(every.hours === null ? [] : [`${figure(every.hours)} h`]),
    ...(every.months === 0 ? [] : [t('service.months', { count: every.months })]),
    ...(every.days === 0 ? [] : [t('service.days', { count: every.days })]),
  ].join(t('service.or'));
}
