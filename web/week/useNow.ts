import type { LocalNow } from '@kotabi/core/schedule';
import { useEffect, useState } from 'react';

/** The date and the minute of the day in a zone at a moment. */
export const localNow = (at: Date, timeZone: string): LocalNow => {
  const parts = new Intl.DateTimeFormat('en-GB', {
    timeZone,
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  }).formatToParts(at);
  const of = (type: Intl.DateTimeFormatPartTypes): string => parts.find((p) => p.type === type)?.value ?? '';
  return {
    date: `${of('year')}-${of('month')}-${of('day')}`,
    minute: Number(of('hour')) * 60 + Number(of('minute')),
  };
};

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
