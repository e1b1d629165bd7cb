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

/** One thing that happened at a move. */
interface Happened {
  date: IsoDate;
  what: 'pain' | 'dizzy' | 'stopped';
  moveId: string;
  moveName: string;
}

/** What happened while breaks were led. A wish for another version is no trouble. */
const whileLed = ({ rows }: Pick<Records, 'rows'>): Happened[] =>
  rows.flatMap(({ date, row }) =>
    row.events.flatMap(({ what, moveId, moveName }) =>
      moveId === null || what === 'other version' ? [] : [{ date, what, moveId, moveName }],
    ),
  );

/** What people told from their own page. */
const alone = ({ said }: Pick<Records, 'said'>): Happened[] =>
  said.flatMap(({ date, hurtAt }) => (hurtAt ? [{ date, what: 'pain' as const, ...hurtAt }] : []));

/** What happened at moves, led together or done alone, each with how often and when last. */
export const troublesOf = (records: Pick<Records, 'rows' | 'said'>): Trouble[] => {
  const troubles = new Map<string, Trouble>();
  const all = [...whileLed(records), ...alone(records)].sort((a, b) => a.date.localeCompare(b.date));
  for (const { date, what, moveId, moveName } of all) {
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
export const complaints = (records: Records): Proposal[] =>
  troublesOf(records)
    .filter((t) => t.times >= COMPLAINTS)
    .map((t) => ({
      key: `move-${t.moveId}`,
      text: `Leave “${t.moveName}” out for this group.`,
      why: `At this move ${troubleWords(t)}. It is no diagnosis: ask those whom it concerns, and defer to their doctor or physiotherapist.`,
      changes: 'It is not suggested for this group any more. What is planned with it stays: look through it.',
      effect: { what: 'move' as const, moveId: t.moveId, moveName: t.moveName },
    }));
