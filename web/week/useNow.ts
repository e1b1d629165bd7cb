import { type LocalNow, localNow } from '@kotabi/core/schedule';
import { useEffect, useState } from 'react';

/** How often the clock on the wall is looked at, ms. */
const EVERY_MS = 20_000;

/** What the clock of a group shows now; it goes on while the page is open. */
export const useNow = (timeZone: string): LocalNow => {
  const [now, setNow] = useState(() => localNow(new Date(), timeZone));
  useEffect(() => {
    const look = (): void =>
      setNow((before) => {
        const next = localNow(new Date(), timeZone);
        return next.date === before.date && next.minute === before.minute ? before : next;
      });
    look();
    const timer = setInterval(look, EVERY_MS);
    return () => clearInterval(timer);
  }, [timeZone]);
  return now;
};
