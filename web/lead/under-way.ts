import { LedState, Session } from '@kotabi/core/model';
import { z } from 'zod';

const KEY = 'kotabi.under-way';
/** What was interrupted longer ago is not gone on with. Common practice, no source. */
const MOST_HOURS = 12;

/** A break that is being led in this browser: where it stands, and what its record says beside the parts. */
const UnderWay = z.object({
  session: Session,
  led: LedState,
  mirror: z.boolean(),
  /** When this was written down, ms since 1970. */
  savedAt: z.number(),
});
export type UnderWay = z.infer<typeof UnderWay>;

/** Writes down where leading stands, so that a reload, a crash or an empty battery lose nothing. */
export const saveUnderWay = (state: UnderWay): void => {
  // Its parts follow from where it stands.
  localStorage.setItem(KEY, JSON.stringify({ ...state, session: { ...state.session, parts: [] } }));
};

export const clearUnderWay = (): void => localStorage.removeItem(KEY);

/** What was interrupted, if anything was and not too long ago. What cannot be read is none. */
export const interruptedNow = (now: number): UnderWay | null => {
  const text = localStorage.getItem(KEY);
  if (!text) return null;
  const parsed = UnderWay.safeParse(JSON.parse(text));
  if (!parsed.success) return null;
  return now - parsed.data.savedAt < MOST_HOURS * 3_600_000 ? parsed.data : null;
};

/** The same of one break. */
export const readUnderWay = (breakId: string, now: number): UnderWay | null => {
  const kept = interruptedNow(now);
  return kept?.session.breakId === breakId ? kept : null;
};
