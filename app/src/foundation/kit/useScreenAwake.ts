import { useEffect } from 'react';

/** Keeps the screen awake as long as something is timed or filmed; a browser that cannot lets it sleep. */
export function useScreenAwake(isWanted = true): void {
  useEffect(() => {
    if (!isWanted || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | undefined;
    let left = false;
    const wake = () => {
      if (document.visibilityState !== 'visible') return;
      navigator.wakeLock.request('screen').then(
        (held) => {
          if (left) void held.release();
          else lock = held;
        },
        () => undefined,
      );
    };
    wake();
    // A browser gives it up when the page is left, and not back when one returns.
    document.addEventListener('visibilitychange', wake);
    return () => {
      left = true;
      document.removeEventListener('visibilitychange', wake);
      void lock?.release();
    };
  }, [isWanted]);
}
