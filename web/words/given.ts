import type { GivenChange, NotReady, When } from '@kotabi/core/given';
import dayjs from 'dayjs';
import { clock } from './time';

/** A time of a week, "Tue 10:15". */
const when = ({ date, startMin }: When): string => `${dayjs(date).format('ddd')} ${clock(startMin % 1440)}`;

/** One change for whoever follows a week, in a phrase. */
export const givenChangeText = (change: GivenChange, nameOf: (breakId: string | null) => string): string => {
  switch (change.code) {
    case 'added':
      return `${when(change.at)} is new: ${nameOf(change.breakId)}`;
    case 'withdrawn':
      return `${when(change.at)} is withdrawn`;
    case 'moved':
      return `${when(change.from)} moves to ${when(change.at)}`;
    case 'other break':
      return `${when(change.at)} is now ${nameOf(change.breakId)}`;
  }
};

/** How many of each kind, in a phrase: "12 new, 2 moved". */
export const givenCountText = (changes: readonly GivenChange[]): string => {
  const of = (code: GivenChange['code']): number => changes.filter((c) => c.code === code).length;
  const parts: [number, string][] = [
    [of('added'), 'new'],
    [of('moved'), 'moved'],
    [of('withdrawn'), 'withdrawn'],
    [of('other break'), 'with another break'],
  ];
  return parts.flatMap(([count, what]) => (count > 0 ? [`${count} ${what}`] : [])).join(', ');
};

const SHOWN = 4;
const list = (times: readonly When[]): string => {
  const named = times.slice(0, SHOWN).map(when).join(', ');
  return times.length > SHOWN ? `${named} and ${times.length - SHOWN} more` : named;
};

/** What is not ready, in a sentence that says what would help. */
export const notReadyText = (one: NotReady): string => {
  switch (one.code) {
    case 'no break':
      return one.at.length === 1
        ? `At one time no break is chosen (${list(one.at)}): people would not know what to do.`
        : `At ${one.at.length} times no break is chosen (${list(one.at)}): people would not know what to do.`;
    case 'in the way':
      return `${one.at.length === 1 ? 'One lies' : `${one.at.length} lie`} in a meeting or in time off the desk: ${list(one.at)}.`;
    case 'left out':
      return `“${one.name}” has a step that ${one.people.join(', ')} would leave out.`;
  }
};

/** When something was given out. */
export const givenAtText = (iso: string): string => dayjs(iso).format('dddd D MMMM, HH:mm');
