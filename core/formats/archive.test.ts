import { describe, expect, it } from 'vitest';
import { Break, Group, Person, Session, Week } from '../model';
import { type Archive, type Archived, adoptArchive, type Here, readArchive, writeArchive } from './archive';

const group = Group.parse({
  id: 'g1',
  name: 'Claims team',
  timeZone: 'Europe/Lisbon',
  days: [1, 2],
  hours: { startMin: 540, endMin: 1020 },
  lunch: null,
});
const person = Person.parse({ id: 'p1', groupId: 'g1', name: 'Edda' });
const brk = Break.parse({ id: 'b1', name: 'Short one', groupId: 'g1', slotSec: 60, items: [] });
const week = Week.parse({
  id: 'w1',
  groupId: 'g1',
  startDate: '2026-11-23',
  rule: {},
  days: [{ date: '2026-11-23', breaks: [{ id: 'x', startMin: 600, kindId: 'k', breakId: 'b1' }] }],
});
const session = Session.parse({
  id: 's1',
  breakId: 'b1',
  breakName: 'Short one',
  groupId: 'g1',
  startedAt: '2026-11-20T10:00:00.000Z',
  endedAt: '2026-11-20T10:05:00.000Z',
  ended: 'finished',
  parts: [],
});
const archive = (changes: Partial<Archive> = {}): Omit<Archive, 'format' | 'version'> => ({
  writtenAt: '2026-11-26T09:00:00.000Z',
  approach: null,
  schools: [{ id: 'quiet', name: 'Quiet hours', answers: { holdIn: 'breaths' } }],
  favourites: ['chin-nod'],
  groups: [group],
  people: [person],
  moves: [],
  breaks: [brk],
  deletedBreaks: [],
  weeks: [week],
  calendars: [],
  sessions: [session],
  measures: [],
  ...changes,
});
const read = (changes?: Partial<Archive>): Archive => {
  const result = readArchive(writeArchive(archive(changes)));
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  return result.archive;
};

/** A place where some things are already. */
const with_ = (things: Partial<Record<Archived, { id: string }[]>>, weekTaken = false): Here => ({
  taken: (kind, id) => (things[kind] ?? []).some((t) => t.id === id),
  own: (kind, id) => (things[kind] ?? []).find((t) => t.id === id),
  weekTaken: () => weekTaken,
});
const ids = () => {
  let n = 0;
  return () => `new${++n}`;
};

describe('an archive', () => {
  it('is read as it was written, and anything wrong in it is named with its place', () => {
    expect(read()).toMatchObject(archive());
    const broken = writeArchive(archive()).replace('"Claims team"', '7');
    expect(readArchive(broken)).toMatchObject({ ok: false, problems: [{ path: 'groups.0.name' }] });
    expect(readArchive('{}')).toMatchObject({ ok: false });
  });

  it('brings everything to an empty place as it is', () => {
    const adopted = adoptArchive(read(), with_({}), ids());
    expect(adopted).toMatchObject({
      groups: [group],
      people: [person],
      breaks: [brk],
      weeks: [week],
      known: 0,
    });
    expect(adopted.beside + adopted.left).toBe(0);
  });

  it('brings nothing twice', () => {
    const here = with_({
      groups: [group],
      people: [person],
      breaks: [brk],
      weeks: [week],
      sessions: [session],
    });
    expect(adoptArchive(read(), here, ids())).toMatchObject({
      groups: [],
      sessions: [],
      known: 5,
      beside: 0,
    });
  });

  it('brings what reads differently in beside, and everything that points to it with it', () => {
    const other = { ...group, name: 'Another team of the same id' };
    const here = with_({
      groups: [other],
      people: [person],
      breaks: [brk],
      weeks: [week],
      sessions: [session],
    });
    const adopted = adoptArchive(read(), here, ids());
    const [team] = adopted.groups;
    expect(team).toMatchObject({ name: 'Claims team', id: 'new1' });
    for (const list of [adopted.people, adopted.breaks, adopted.weeks, adopted.sessions])
      expect(list).toEqual([expect.objectContaining({ groupId: 'new1', id: expect.stringMatching(/^new/) })]);
    expect(adopted.weeks[0]?.days[0]?.breaks[0]?.breakId).toBe(adopted.breaks[0]?.id);
    expect(adopted.sessions[0]?.breakId).toBe(adopted.breaks[0]?.id);
  });

  it('leaves a week out in whose place another one is planned, also when its own id is free', () => {
    const adopted = adoptArchive(read(), with_({ groups: [group] }, true), ids());
    expect(adopted).toMatchObject({ weeks: [], left: 1 });
  });

  it('takes ids that somebody else has here for different things', () => {
    const here: Here = { taken: () => true, own: () => undefined, weekTaken: () => false };
    const adopted = adoptArchive(read(), here, ids());
    expect(adopted.beside).toBe(5);
    expect(adopted.people[0]?.groupId).toBe(adopted.groups[0]?.id);
  });
});
