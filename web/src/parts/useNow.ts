import { useEffect, useState } from 'react';

/** The time, anew every so often while it is wanted; ms since 1970. */
export function useNow(everyMs: number, isWanted: boolean): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!isWanted) return;
    setNow(Date.now());
    const timer = setInterval(() => setNow(Date.now()), everyMs);
    // A timer sleeps with the machine: on waking the time is looked at at once.
    const wake = () => setNow(Date.now());
    document.addEventListener('visibilitychange', wake);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', wake);
    };
  }, [everyMs, isWanted]);
  return now;
}
