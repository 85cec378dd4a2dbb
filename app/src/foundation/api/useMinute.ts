import { useEffect, useState } from 'react';
import { studioNow } from './clock';

const MINUTE_MS = 60_000;

/** What time it is, to the minute: told anew as the clock goes on, and when the page is looked at again. */
export function useMinute(): Date {
  const [now, setNow] = useState(studioNow);
  useEffect(() => {
    const tell = () => setNow(studioNow());
    const timer = setInterval(tell, MINUTE_MS);
    document.addEventListener('visibilitychange', tell);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', tell);
    };
  }, []);
  return now;
}
