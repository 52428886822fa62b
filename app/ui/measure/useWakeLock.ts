import { useEffect } from 'react';

/** Keeps the screen on while it is looked at, where the device lets it. */
export function useWakeLock(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const hold = async () => {
      if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return;
      // A device that is low refuses: then the screen goes dark as usual.
      const held = await navigator.wakeLock.request('screen').catch(() => null);
      if (gone) void held?.release();
      else lock = held;
    };
    const look = () => void hold();
    look();
    document.addEventListener('visibilitychange', look);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', look);
      void lock?.release();
    };
  }, []);
}
