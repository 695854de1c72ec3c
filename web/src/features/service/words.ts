import type { Schema } from '../../api/client';
import { calendarDay, figure } from '../../app/figures';

type Say = (key: string, words?: Record<string, unknown>) => string;

/** After how much use or time something is due again. */
export function everyOf(every: Schema['Every'], t: Say): string {
  return [
    ...(every.hours === null ? [] : [`${figure(every.hours)} h`]),
    ...(every.months === 0 ? [] : [t('service.months', { count: every.months })]),
    ...(every.days === 0 ? [] : [t('service.days', { count: every.days })]),
    ...(every.hires === 0 ? [] : [t('service.hires', { count: every.hires })]),
    ...(every.after ?? []).map((what) => t(`service.after.${what}`)),
  ].join(t('service.or'));
}

/** How much of something is laid out; nothing where it is filled to a mark that the manual gives. */
export function quantityOf({ quantity, unit }: { quantity: string | null; unit: string }, t: Say): string | null {
  return quantity === null ? null : `${figure(quantity)} ${t(`service.unit.${unit}`, { count: Number(quantity) })}`;
}

/** How far off a point is: by its hours, by hires, or by its day where it goes by the calendar alone. */
export function farOff({ hours_left: hours, hires_left: hires, day }: Schema['ServicePoint'], t: Say): string {
  if (typeof hires === 'number') {
    return hires > 0 ? t('service.hires_left', { count: hires }) : t('service.hires_over');
  }
  if (hours !== null) {
    return `${figure(hours)} h`;
  }

  return day === null ? '' : calendarDay(day);
}
