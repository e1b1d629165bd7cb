import type { EventKind, Person, Session } from '@kotabi/core/model';
import { type Ending, endingOf } from '@kotabi/core/record';
import { minSec } from './time';

/** How a record ended, in words. */
export const ENDED: Record<Ending, string> = {
  'to the end': 'led to the end',
  'skipped through': 'gone through to the end, most of it left out',
  stopped: 'stopped before the end',
};

/** How a led break ended, in words. */
export const endedText = (session: Pick<Session, 'ended' | 'parts'>): string => ENDED[endingOf(session)];

/** Who came, in a phrase; empty where it was not noted. */
export const cameText = ({ came }: Pick<Session, 'came'>, people: readonly Person[]): string => {
  const names = came.people.flatMap((id) => people.find((p) => p.id === id)?.name ?? []);
  const count = Math.max(came.count ?? 0, came.people.length);
  if (count === 0) return '';
  const many = count === 1 ? '1 person' : `${count} people`;
  return names.length > 0 ? `${many}, among them ${names.join(', ')}` : many;
};

const WHAT: Record<EventKind, string> = {
  pain: 'something hurt',
  dizzy: 'dizzy',
  stopped: 'stopped',
  'other version': 'asked for another version',
};

/** One thing that happened, in a sentence: when, to whom, what, at which step. */
export const eventText = (event: Session['events'][number], people: readonly Person[]): string => {
  const who = people.find((p) => p.id === event.personId)?.name ?? 'someone';
  const where = event.moveName ? `, at “${event.moveName}”${event.side ? `, ${event.side} side` : ''}` : '';
  return `${minSec(event.atMs)} ${who}: ${WHAT[event.what]}${where}`;
};
