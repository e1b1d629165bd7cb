import dayjs from 'dayjs';

/** A size of a file in kB or MB, whole below ten. */
export const size = (bytes: number): string =>
  bytes < 1_000_000 ? `${Math.max(1, Math.round(bytes / 1000))} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`;

/** A moment in local time; the year only where it is another one, seconds where several may fall into one minute. */
export const moment = (iso: string, seconds = false): string => {
  const at = dayjs(iso);
  const clock = seconds ? 'HH:mm:ss' : 'HH:mm';
  return at.format(at.year() === dayjs().year() ? `ddd D MMM, ${clock}` : `D MMM YYYY, ${clock}`);
};
