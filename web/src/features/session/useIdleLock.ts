import { useEffect, useState } from 'react';
import type { Schema } from '../../api/client';
import { idleMinutes, stillThere } from '../../app/idle';
import { useHandoverLock } from '../handover/useHandoverLock';
import { idleLocked } from './idleLocked';

const LOOK_EVERY_MS = 2000;

interface IdleLock {
  isLocked: boolean;
  minutes: number;
  open: () => void;
}

/** Whether this shared tablet waits for the PIN of whoever is signed in, and what opens it. A reload opens nothing. */
export function useIdleLock(tablet: Schema['Session']['tablet'], user: string): IdleLock {
  const minutes = tablet?.locks_after_minutes ?? 0;
  const isGivenOut = useHandoverLock(user) !== null;
  const [locked, setLocked] = useState(idleLocked.whom);
  useEffect(() => {
    // A tablet that was given out for a handover is locked to it already.
    if (minutes === 0 || isGivenOut) {
      return;
    }
    const look = () => {
      if (idleMinutes() >= minutes) {
        idleLocked.keep(user);
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
  }, [user, minutes, isGivenOut]);

  return {
    isLocked: minutes > 0 && locked === user,
    minutes,
    open: () => {
      stillThere();
      idleLocked.forget();
      setLocked(null);
    },
  };
}
