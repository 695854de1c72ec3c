let since = 0;

/** What was read before this moment is in another language or other units: parts of it are not enough any more. */
export function readAnew(): void {
  since = Date.now();
}

/** Whether something that was read then may be kept and only be brought up to date. */
export const mayBeKept = (readAt: number): boolean => readAt > since;
