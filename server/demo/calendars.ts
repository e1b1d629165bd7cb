import { CalendarSource } from '@kotabi/core/model';
import type { StandInCalendar } from '../stand-ins/calendars';
import { demoGroups, demoPeople } from './people';

const WORKDAYS = [1, 2, 3, 4, 5];
const at = (clock: string): number => {
  const [h = 0, m = 0] = clock.split(':').map(Number);
  return h * 60 + m;
};
const meeting = (
  id: string,
  label: string,
  weekdays: readonly number[],
  from: string,
  to: string,
  movesAt?: { hour: number; byMin: number },
): StandInCalendar['meetings'][number] => ({
  id,
  label,
  weekdays,
  startMin: at(from),
  endMin: at(to),
  ...(movesAt && { movesAt }),
});

const MEETINGS: Record<string, StandInCalendar['meetings']> = {
  'p-1': [
    meeting('tides', 'tide tables', [1, 3], '09:30', '10:30'),
    meeting('doctor', 'away', [4], '14:00', '16:00'),
  ],
  'p-2': [meeting('crew', 'crew call', [1, 4], '14:00', '15:00')],
  'p-3': [
    meeting('fares', 'fares', [3], '13:30', '15:30'),
    meeting('harbour', 'harbour office', [2], '11:00', '12:00'),
  ],
  'p-4': [meeting('school', 'away', WORKDAYS, '15:30', '17:30')],
  'p-9': [meeting('pilot', 'pilot station', [2, 5], '09:00', '10:30')],
  'p-7': [meeting('letters', 'letters', [1, 2, 3, 4], '10:00', '11:00')],
  'p-8': [meeting('cases', 'case round', [2, 4], '11:00', '12:00')],
  'claims-team': [
    meeting('start', 'morning round', [1, 2, 3, 4], '08:30', '08:50'),
    meeting('weighing', 'weighing up cases', [2, 4], '14:00', '15:30', { hour: 11, byMin: 30 }),
    meeting('insurer', 'call with the insurer', [1, 3], '10:00', '11:00'),
  ],
  instructor: [meeting('pool', 'at the pool', [1, 3], '07:00', '12:00')],
};

/** The calendars that the stand-in serves in the demo. */
export const demoStandIns: StandInCalendar[] = Object.entries(MEETINGS).map(([id, meetings]) => {
  const person = demoPeople.find((p) => p.id === id);
  const name = person?.name ?? (id === 'instructor' ? 'The instructor' : 'Claims team');
  return { id, name, zone: 'Europe/Lisbon', meetings };
});

/** The same calendars as sources that Kotabi subscribes to, at the address of the stand-in. */
export const demoCalendars = (standIn: string): CalendarSource[] =>
  demoStandIns.map(({ id, name }) => {
    const person = demoPeople.find((p) => p.id === id);
    return CalendarSource.parse({
      id: `demo-${id}`,
      groupId: person?.groupId ?? (id === 'instructor' ? demoGroups[0]?.id : 'claims'),
      personId: person?.id ?? null,
      instructor: id === 'instructor',
      name,
      address: `${standIn}/calendars/${id}.ics`,
      keepTitles: id === 'claims-team',
      // The stand-in service runs on this machine.
      inside: true,
    });
  });
