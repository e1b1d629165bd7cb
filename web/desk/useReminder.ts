import { useEffect, useRef, useState } from 'react';
import { say, timeText } from './words/words';

const TEN_MIN_MS = 10 * 60_000;

/** Reminds in ten minutes, as long as the page is open: by the browser's own notice where that is allowed, else on the page. */
export const useReminder = () => {
  const [note, setNote] = useState('');
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  useEffect(
    () => () => {
      if (timer.current) clearTimeout(timer.current);
    },
    [],
  );
  const remind = async (name: string): Promise<void> => {
    const allowed = 'Notification' in window && (await Notification.requestPermission()) === 'granted';
    // One at a time: a second wish takes the place of the first.
    if (timer.current) clearTimeout(timer.current);
    timer.current = setTimeout(() => {
      const text = say('reminder', { name });
      setNote(text);
      if (allowed) new Notification(text);
    }, TEN_MIN_MS);
    setNote(say('reminding', { time: timeText(new Date(Date.now() + TEN_MIN_MS).toISOString()) }));
  };
  return { note, remind: (name: string): void => void remind(name) };
};
