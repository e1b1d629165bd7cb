import type { Session, SessionEvent } from '@kotabi/core/model';
import { addDays, mondayOf } from '@kotabi/core/schedule';
import { DateTime } from 'luxon';
import { demoPlan, ledSession, type Went } from './led';
import { LED_AT, LED_ON, ledId, PAST_WEEKS } from './past-weeks';

/** How one session of the last days went: so many working days ago, and what was said. */
interface Past extends Went {
  daysAgo: number;
  hour: number;
  before: number | null;
  after: number | null;
  note?: string;
}

const lately: Past[] = [
  {
    daysAgo: 1,
    hour: 11,
    breakId: 'late-morning',
    before: 6,
    after: 4,
    note: 'Ilse: right side clearly tighter today.',
    cut: { stepId: 's8', side: 'right', ms: 9_000 },
    slower: 1.2,
  },
  { daysAgo: 2, hour: 15, breakId: 'between-meetings', before: 5, after: 4 },
  {
    daysAgo: 3,
    hour: 11,
    breakId: 'late-morning',
    before: 6,
    after: 5,
    note: 'Phone rang, stopped before the wrists.',
    stopMs: 262_000,
  },
  { daysAgo: 4, hour: 14, breakId: 'between-meetings', before: 4, after: 3 },
];

/** The day so many working days before one: nobody leads a break in an empty office. */
const workingDaysBefore = (today: Date, count: number): Date => {
  const day = new Date(today);
  for (let left = count; left > 0; ) {
    day.setUTCDate(day.getUTCDate() - 1);
    if (day.getUTCDay() % 6 !== 0) left--;
  }
  return day;
};

const recent = (today: Date): Session[] =>
  lately.map(({ daysAgo, hour, before, after, note = '', ...went }, i) => {
    const startedAt = workingDaysBefore(today, daysAgo);
    startedAt.setUTCHours(hour, 3, 0, 0);
    return ledSession(went, startedAt, {
      id: `demo-session-${i + 1}`,
      tensionBefore: before,
      tensionAfter: after,
      note,
    });
  });

const WHO = ['p-1', 'p-2', 'p-3', 'p-4', 'p-9'];

/** What happened: twice the same shoulder was not happy with the same move, and once somebody was dizzy. */
const HAPPENED: Readonly<Record<string, Pick<SessionEvent, 'what' | 'stepId' | 'personId' | 'done'>>> = {
  '7-1': { what: 'pain', stepId: 's9', personId: 'p-2', done: 'Shook it out, then hands on the thighs.' },
  '7-3': { what: 'other version', stepId: 's6', personId: 'p-1', done: 'Nose only half-way down.' },
  '5-0': { what: 'dizzy', stepId: 's4', personId: 'p-9', done: 'Sat still and looked at the harbour map.' },
  '3-1': { what: 'pain', stepId: 's9', personId: null, done: 'Left it out.' },
};

const eventOf = (key: string, breakId: string): SessionEvent[] => {
  const happened = HAPPENED[key];
  const part = happened && demoPlan(breakId).timeline.parts.find((p) => p.stepId === happened.stepId);
  const move = demoPlan(breakId).resolved;
  if (!happened || !part) return [];
  const step = move.brk.items
    .flatMap((item) => (item.type === 'chain' ? item.links : [item]))
    .find((s) => s.id === happened.stepId);
  return [
    {
      id: `e-${key}`,
      ...happened,
      moveName: part.moveName,
      moveId: step && 'moveId' in step ? step.moveId : null,
      side: null,
      atMs: part.startMs,
    },
  ];
};

/** The rating of a day: slowly lower over the weeks, now and then a bad one. */
const ratings = (weeksAgo: number, day: number): { before: number; after: number } => {
  const before = Math.min(8, 4 + Math.round(weeksAgo / 5) + ((weeksAgo + 2 * day) % 3));
  return { before, after: Math.max(0, before - 1 - ((weeksAgo + day) % 2)) };
};

/**
 * Three months in which there is something to find: the right side, always the second one, gets less than the left; what is
 * planned after lunch hardly ever happens; words take longer than planned; at one move it hurt twice.
 */
const months = (today: Date): Session[] => {
  const monday = mondayOf(today.toISOString().slice(0, 10));
  const sessions: Session[] = [];
  for (let weeksAgo = PAST_WEEKS; weeksAgo >= 2; weeksAgo--)
    for (const when of ['morning', 'afternoon'] as const)
      for (const day of LED_ON[when]) {
        const n = weeksAgo * 5 + day;
        if (when === 'morning' ? n % 9 === 4 : n % 11 !== 3) continue;
        const { before, after } = ratings(weeksAgo, day);
        const startedAt = DateTime.fromISO(addDays(monday, day - 7 * weeksAgo), { zone: 'Europe/Lisbon' })
          .plus({ minutes: LED_AT[when] + (n % 4) })
          .toJSDate();
        const breakId = when === 'morning' ? 'late-morning' : 'afternoon-back';
        const came = WHO.filter((_, i) => (n + i) % 4 !== 0);
        sessions.push(
          ledSession(
            {
              breakId,
              slower: when === 'morning' ? 1.16 + (n % 5) / 50 : 1,
              ...(when === 'morning' && n % 4 !== 0 && { share: { right: 0.6 + (n % 3) / 10 } }),
            },
            startedAt,
            {
              id: `demo-${weeksAgo}-${day}-${when}`,
              plannedId: ledId(weeksAgo, day, when),
              came: { people: came, count: came.length },
              events: when === 'morning' ? eventOf(`${weeksAgo}-${day}`, breakId) : [],
              tensionBefore: before,
              tensionAfter: after,
              areas:
                n % 2 === 0
                  ? [{ area: 'neck', before: Math.min(10, before + 1), after }]
                  : [{ area: 'forearm', before, after: Math.max(0, after - 1) }],
            },
          ),
        );
      }
  return sessions;
};

/** Sessions of the last three months, worked out as if they had been led. */
export const demoSessions = (today: Date): Session[] => [...recent(today), ...months(today)];
