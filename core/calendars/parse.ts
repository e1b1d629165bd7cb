import ICAL from 'ical.js';
import { type Skipped, Unreadable } from './found';
import { tidyLines } from './lines';

/** Largest calendar that is read: room for 10,000 events with long texts. */
export const MOST_BYTES = 20_000_000;

/** Everything between the lines of one event (or zone, or list of busy times), these lines included. */
const PART = /^BEGIN:(VEVENT|VFREEBUSY|VTIMEZONE)\r\n[\s\S]*?^END:\1$\r?\n?/gim;

/** Parses a text. Where the parser refuses it, each part is tried by itself, and those that it refuses are left out. */
const parseParts = (text: string): { parsed: unknown[]; broken: Skipped[] } => {
  try {
    return { parsed: ICAL.parse(text), broken: [] };
  } catch (whole) {
    const broken: Skipped[] = [];
    const rest = text.replace(PART, (part) => {
      try {
        ICAL.parse(part);
        return part;
      } catch (error) {
        const uid = /^UID:(.*)$/im.exec(part)?.[1]?.trim() ?? 'without UID';
        broken.push({ code: 'badEvent', uid, reason: (error as Error).message.slice(0, 160) });
        return '';
      }
    });
    if (broken.length === 0) throw whole;
    return { parsed: ICAL.parse(rest), broken };
  }
};

/**
 * The calendars of a text, with how many lines were no lines of a calendar and which events were none. Throws
 * `Unreadable` where it is no calendar, or a larger one than is read.
 */
export const parseText = (
  whole: string,
): { calendars: ICAL.Component[]; dropped: number; broken: Skipped[] } => {
  const bytes = new TextEncoder().encode(whole).length;
  if (bytes > MOST_BYTES) throw new Unreadable({ code: 'tooLarge', bytes, most: MOST_BYTES });
  const { text, dropped } = tidyLines(whole.replace(/^\uFEFF/, ''));
  if (!/^\s*BEGIN:VCALENDAR/i.test(text))
    throw new Unreadable({ code: 'notCalendar', reason: 'it does not begin with BEGIN:VCALENDAR' });
  if (!/END:VCALENDAR\s*$/i.test(text))
    throw new Unreadable({
      code: 'notCalendar',
      reason: 'it ends before END:VCALENDAR; something is cut off',
    });
  try {
    const { parsed, broken } = parseParts(text);
    const list = Array.isArray(parsed[0]) ? parsed : [parsed];
    return { calendars: list.map((c) => new ICAL.Component(c as never)), dropped, broken };
  } catch (error) {
    throw new Unreadable({ code: 'notCalendar', reason: (error as Error).message.slice(0, 160) });
  }
};
