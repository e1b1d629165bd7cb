import type { IsoDate } from '@kotabi/core/model';
import express, { type Express } from 'express';
import ical from 'ical-generator';
import { DateTime } from 'luxon';
import { z } from 'zod';
import { Mode } from './mode';
import { clockText, standInPage } from './page';

/** A meeting of a stand-in calendar, on some weekdays. Times are minutes of the local day. */
export interface StandInMeeting {
  id: string;
  label: string;
  weekdays: readonly number[];
  startMin: number;
  endMin: number;
  /** Once this hour of the day has come, today's meeting is so many minutes later. */
  movesAt?: { hour: number; byMin: number };
}

/** Somebody's calendar, as the stand-in serves it. */
export interface StandInCalendar {
  id: string;
  name: string;
  zone: string;
  meetings: readonly StandInMeeting[];
}

const Move = z.object({ meetingId: z.string(), byMin: z.coerce.number().int().min(-600).max(600) });
const Control = z.object({ mode: Mode });

const WEEKS_BACK = 2;
const WEEKS_AHEAD = 6;

interface State {
  mode: Mode;
  /** Minutes by which the meetings of a series were moved by hand. */
  moved: Map<string, number>;
}

const calendarOf = ({ name, zone, meetings }: StandInCalendar, state: State, now: Date): string => {
  const calendar = ical({ name, prodId: { company: 'Stand-in', product: 'Calendars' } });
  const today = DateTime.fromJSDate(now, { zone });
  const first = today.startOf('week').minus({ weeks: WEEKS_BACK });
  for (let d = 0; d < (WEEKS_BACK + WEEKS_AHEAD) * 7; d++) {
    const day = first.plus({ days: d });
    for (const meeting of meetings) {
      if (!meeting.weekdays.includes(day.weekday)) continue;
      const { movesAt } = meeting;
      const byItself = movesAt && day.hasSame(today, 'day') && today.hour >= movesAt.hour ? movesAt.byMin : 0;
      const byMin = byItself + (state.moved.get(meeting.id) ?? 0);
      const at = (minute: number): Date =>
        day
          .set({ hour: Math.floor(minute / 60), minute: minute % 60 })
          .plus({ minutes: byMin })
          .toJSDate();
      calendar.createEvent({
        id: `${meeting.id}.${day.toISODate() as IsoDate}@stand-in`,
        start: at(meeting.startMin),
        end: at(meeting.endMin),
        summary: meeting.label,
      });
    }
  }
  return calendar.toString();
};

/**
 * A stand-in for a calendar service: serves each calendar at an address, moves meetings as the day goes on, and
 * answers slowly or not at all when told to, on its own page or by `POST /calendars/:id/mode` and `/move`.
 */
export const createStandIn = (
  calendars: readonly StandInCalendar[],
  { now = () => new Date(), slowMs = 3000 }: { now?: () => Date; slowMs?: number } = {},
): Express => {
  const app = express();
  app.disable('x-powered-by');
  app.use(express.urlencoded({ extended: false }));
  app.use(express.json());
  const states = new Map<string, State>(calendars.map((c) => [c.id, { mode: 'answers', moved: new Map() }]));
  const find = (id: string): { calendar: StandInCalendar; state: State } | null => {
    const calendar = calendars.find((c) => c.id === id);
    const state = states.get(id);
    return calendar && state ? { calendar, state } : null;
  };

  app.get('/', (_, res) => {
    res.type('html').send(
      standInPage(
        calendars.map((c) => ({
          ...c,
          mode: states.get(c.id)?.mode ?? 'answers',
          meetings: c.meetings.map((m) => {
            const by = states.get(c.id)?.moved.get(m.id) ?? 0;
            return { ...m, when: `${clockText(m.startMin + by)} to ${clockText(m.endMin + by)}` };
          }),
        })),
      ),
    );
  });
  app.get('/calendars/:file', async (req, res) => {
    const found = find(String(req.params.file).replace(/\.ics$/, ''));
    if (!found) {
      res.status(404).type('text').send('There is no such calendar.');
      return;
    }
    const { calendar, state } = found;
    if (state.mode === 'silent') {
      req.socket.destroy();
      return;
    }
    if (state.mode === 'slow') await new Promise((done) => setTimeout(done, slowMs));
    res.type('text/calendar').send(calendarOf(calendar, state, now()));
  });
  /** Back to the page when its buttons were used, otherwise a plain yes. */
  const done = (req: express.Request, res: express.Response): void => {
    if (req.is('urlencoded')) res.redirect(303, '/');
    else res.status(204).end();
  };
  app.post('/calendars/:id/mode', (req, res) => {
    const found = find(String(req.params.id));
    const body = Control.safeParse(req.body);
    if (!found || !body.success) {
      res
        .status(422)
        .type('text')
        .send('There is no such calendar, or the mode is not answers, slow or silent.');
      return;
    }
    found.state.mode = body.data.mode;
    done(req, res);
  });
  app.post('/calendars/:id/move', (req, res) => {
    const found = find(String(req.params.id));
    const body = Move.safeParse(req.body);
    const meeting = found?.calendar.meetings.find((m) => body.success && m.id === body.data.meetingId);
    if (!found || !body.success || !meeting) {
      res
        .status(422)
        .type('text')
        .send('There is no such calendar or meeting, or byMin is not within -600 to 600.');
      return;
    }
    const by = (found.state.moved.get(meeting.id) ?? 0) + body.data.byMin;
    found.state.moved.set(meeting.id, by);
    done(req, res);
  });
  return app;
};
