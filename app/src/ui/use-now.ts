import { useEffect, useState } from 'react';

/** The time, anew every so often, for words such as "in 3 h". */
export function useNow(every_ms = 30_000): Date {
  const [now, setNow] = useState(() => new Date());
  useEffect(() => {
    const timer = setInterval(() => setNow(new Date()), every_ms);
    return () => clearInterval(timer);
  }, [every_ms]);
  return now;
}
