import type { IsoDate } from '../model';
import type { Records } from '../trends';
import type { Proposal } from './proposal';

/** So often something happened at a move before it is proposed to leave it out. Common practice, no source. */
export const COMPLAINTS = 2;

/** What happened at a move, for asking about it when it comes up again. Names nobody. */
export interface Trouble {
  moveId: string;
  moveName: string;
  times: number;
  /** How often of these it hurt, made dizzy, or somebody stopped. */
  pain: number;
  dizzy: number;
  stopped: number;
  last: IsoDate;
}

/** What happened at moves while they were led, each with how often and when last. A wish for another version is no trouble. */
export const troublesOf = ({ rows }: Pick<Records, 'rows'>): Trouble[] => {
  const troubles = new Map<string, Trouble>();
  for (const { date, row } of [...rows].sort((a, b) => a.date.localeCompare(b.date)))
    for (const { what, moveId, moveName } of row.events) {
      if (moveId === null || what === 'other version') continue;
      const one = troubles.get(moveId) ?? {
        moveId,
        moveName,
        times: 0,
        pain: 0,
        dizzy: 0,
        stopped: 0,
        last: date,
      };
      one.times++;
      one[what]++;
      one.last = date;
      troubles.set(moveId, one);
    }
  return [...troubles.values()];
};

const counted = (n: number, what: string): string[] =>
  n > 0 ? [`${what} ${n === 1 ? 'once' : n === 2 ? 'twice' : `${n} times`}`] : [];

/** What happened at a move, as words: “it hurt twice, last on 12 November”. */
export const troubleWords = ({ pain, dizzy, stopped }: Trouble): string =>
  [
    ...counted(pain, 'something hurt'),
    ...counted(dizzy, 'somebody was dizzy'),
    ...counted(stopped, 'somebody stopped'),
  ].join(', ');

/** Moves that brought complaints. */
export const complaints = ({ rows }: Records): Proposal[] =>
  troublesOf({ rows })
    .filter((t) => t.times >= COMPLAINTS)
    .map((t) => ({
      key: `move-${t.moveId}`,
      text: `Leave “${t.moveName}” out for this group.`,
      why: `At this move ${troubleWords(t)}. It is no diagnosis: ask those whom it concerns, and defer to their doctor or physiotherapist.`,
      changes: 'It is not suggested for this group any more. What is planned with it stays: look through it.',
      effect: { what: 'move' as const, moveId: t.moveId, moveName: t.moveName },
    }));
