import { useEffect, useState } from 'react';
import type { Schema } from '../../api/client';
import { idleMinutes, stillThere } from '../../app/idle';
import { useHandoverLock } from '../handover/useHandoverLock';

const LOCKED = 'jade.idle.locked';
const LOOK_EVERY_MS = 2000;

/** Whether this shared tablet waits for the PIN of whoever is signed in, and what opens it. A reload opens nothing. */
export function useIdleLock(session: Schema['Session'] | undefined): { isLocked: boolean; open: () => void } {
  const user = session?.user?.id ?? null;
  const minutes = session?.tablet?.locks_after_minutes ?? 0;
  const isGivenOut = useHandoverLock(user) !== null;
  const isNobody = session !== undefined && user === null;
  const [locked, setLocked] = useState(() => localStorage.getItem(LOCKED));
  if (isNobody && locked !== null) {
    setLocked(null);
  }
  useEffect(() => {
    if (isNobody) {
      localStorage.removeItem(LOCKED);
    }
    // A tablet that was given out for a handover is locked to it already.
    if (user === null || minutes === 0 || isGivenOut) {
      return;
    }
    const look = () => {
      if (idleMinutes() >= minutes) {
        localStorage.setItem(LOCKED, user);
        setLocked(user);
      }
    };
    look();
    const timer = window.setInterval(look, LOOK_EVERY_MS);
    document.addEventListener('visibilitychange', look);

    return () => {
      window.clearInterval(timer);
      document.removeEventListener('visibilitychange', look);
    };
  }, [user, minutes, isGivenOut, isNobody]);

  return {
    isLocked: user !== null && minutes > 0 && locked === user,
    open: () => {
      stillThere();
      localStorage.removeItem(LOCKED);
      setLocked(null);
    },
  };
}
