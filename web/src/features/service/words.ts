import type { Schema } from '../../api/client';
import { calendarDay, figure } from '../../app/figures';

type Say = (key: string, words?: Record<string, unknown>) => string;

/** After how much use or time something is due again. */
export function everyOf(every: Schema['Every'], t: Say): string {
  return [
    ...(every.hours === null ? [] : [`${figure(every.hours)} h`]),
    ...(every.months === 0 ? [] : [t('service.months', { count: every.months })]),
    ...(every.days === 0 ? [] : [t('service.days', { count: every.days })]),
  ].join(t('service.or'));
}

/** How much of something is laid out; nothing where it is filled to a mark that the manual gives. */
export function quantityOf({ quantity, unit }: { quantity: string | null; unit: string }, t: Say): string | null {
  return quantity === null ? null : `${figure(quantity)} ${t(`service.unit.${unit}`, { count: Number(quantity) })}`;
}

/** How far off a point is: by its hours, or by its day where it goes by the calendar alone. */
export function farOff({ hours_left: hours, day }: Schema['ServicePoint']): string {
  if (hours !== null) {
    return `${figure(hours)} h`;
  }

  return day === null ? '' : calendarDay(day);
}
