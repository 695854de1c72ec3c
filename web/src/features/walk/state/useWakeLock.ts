import { useEffect } from 'react';

/** Keeps the screen awake during a walk, where the device can. */
export function useWakeLock(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    let gone = false;
    const take = () => {
      if (!('wakeLock' in navigator) || document.visibilityState !== 'visible') {
        return;
      }
      navigator.wakeLock.request('screen').then(
        (taken) => {
          lock = taken;
          if (gone) {
            void taken.release();
          }
        },
        () => undefined,
      );
    };
    take();
    document.addEventListener('visibilitychange', take);

    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', take);
      void lock?.release();
    };
  }, []);
}
