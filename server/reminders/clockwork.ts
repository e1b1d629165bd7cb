import { refreshDue } from '../calendars/copies';
import type { Context } from '../context';
import { tick } from './scheduler';

/** How often the server looks at what is due. */
const EVERY_MS = 10_000;

/** So many rounds apart everything is brought into the database file itself. */
const TEND_EVERY = 30;

/**
 * Sends reminders and refreshes calendars from time to time, one round after the other, until it is stopped; now and
 * then `tend` is called.
 */
export const startClockwork = (
  ctx: Context,
  everyMs = EVERY_MS,
  tend: () => Promise<void> = async () => {},
): { stop: () => Promise<void> } => {
  let rounds = 0;
  let asking: Promise<void> | null = null;
  let running: Promise<void> = Promise.resolve();
  let stopped = false;
  const round = async (): Promise<void> => {
    // A round that fails is told and tried again; nothing is marked as sent that was not.
    await tick(ctx).catch((error: unknown) => ctx.log.error({ err: error }, 'reminders could not be sent'));
    // Calendars are asked beside it: a silent one must not hold the next reminder up.
    if (!asking)
      asking = refreshDue(ctx)
        .then(() => {})
        .catch((error: unknown) => ctx.log.error({ err: error }, 'calendars could not be asked'))
        .finally(() => {
          asking = null;
        });
    if (++rounds % TEND_EVERY === 0)
      await tend().catch((error: unknown) =>
        ctx.log.error({ err: error }, 'the database could not be tended'),
      );
  };
  let busy = false;
  const timer = setInterval(() => {
    if (busy || stopped) return;
    busy = true;
    running = round().finally(() => {
      busy = false;
    });
  }, everyMs);
  timer.unref();
  return {
    stop: async () => {
      stopped = true;
      clearInterval(timer);
      await running;
      await asking;
    },
  };
};
