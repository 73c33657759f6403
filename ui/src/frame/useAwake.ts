import { useEffect, useState } from 'react';

/** Keeps the screen lit while it is used; what it gives tells whether this browser can. A screen that was put away is lit again when it comes back. */
export function useAwake(): boolean {
  const [can, setCan] = useState(() => 'wakeLock' in navigator);
  useEffect(() => {
    if (!('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | undefined;
    let gone = false;
    const light = () => {
      if (document.visibilityState !== 'visible') return;
      navigator.wakeLock.request('screen').then(
        (got) => {
          if (gone) void got.release();
          else lock = got;
          setCan(true);
        },
        // A battery that runs out, or a shop's rule, may forbid it.
        () => setCan(false),
      );
    };
    light();
    document.addEventListener('visibilitychange', light);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', light);
      void lock?.release();
    };
  }, []);
  return can;
}
