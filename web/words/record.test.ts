import { Person, Session } from '@kotabi/core/model';
import { describe, expect, it } from 'vitest';
import { cameText, endedText, eventText } from './record';

const people = [Person.parse({ id: 'p1', groupId: 'g', name: 'Ilse M.' })];
const session = (more: object): Session =>
  Session.parse({
    id: 's',
    breakId: 'b',
    breakName: 'B',
    groupId: 'g',
    startedAt: '2026-11-26T09:00:00.000Z',
    endedAt: '2026-11-26T09:05:00.000Z',
    ended: 'finished',
    parts: [],
    ...more,
  });
const part = (doneMs: number) => ({
  stepId: 'a',
  moveName: 'A',
  kind: 'work' as const,
  side: null,
  felt: 'both' as const,
  plannedMs: 1000,
  doneMs,
});

describe('a record in words', () => {
  it('says how it ended', () => {
    expect(endedText(session({ parts: [part(1000)] }))).toBe('led to the end');
    expect(endedText(session({ parts: [part(10)] }))).toBe('gone through to the end, most of it left out');
    expect(endedText(session({ ended: 'stopped' }))).toBe('stopped before the end');
  });
  it('says who came, and how many', () => {
    expect(cameText(session({}), people)).toBe('');
    expect(cameText(session({ came: { people: [], count: 1 } }), people)).toBe('1 person');
    expect(cameText(session({ came: { people: ['p1', 'gone'], count: 7 } }), people)).toBe(
      '7 people, among them Ilse M.',
    );
  });
  it('says what happened to whom, and to someone where nobody is named', () => {
    const event = { id: 'e', what: 'pain', stepId: 's', moveName: 'Side reach', side: 'left', atMs: 65_000 };
    const [one, other] = session({
      events: [
        { ...event, personId: 'p1' },
        { ...event, what: 'dizzy', side: null, moveName: '', personId: null },
      ],
    }).events;
    expect(eventText(one!, people)).toBe('1:05 Ilse M.: something hurt, at “Side reach”, left side');
    expect(eventText(other!, people)).toBe('1:05 someone: dizzy');
  });
});
