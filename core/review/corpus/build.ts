import { stepOf } from '../../library';
import { moveLookup } from '../../library/all';
import { Break, defaultApproach, Step, withAmount } from '../../model';
import { timed } from '../../timing';

/** One line of a break: a move, and what differs from how it is proposed. Several in a list are one series. */
export type Line =
  | string
  | readonly [moveId: string, more: More]
  | { series: readonly Line[]; more?: object };
export type More = Partial<Omit<Step, 'dose'>> & { dose?: number | Step['dose'] };
/** A break that a careful instructor would lead as it stands. */
export type Sound = readonly [name: string, lines: readonly Line[], more?: BreakMore];
export type BreakMore = Partial<Omit<Break, 'id' | 'name' | 'items'>>;

const lookup = moveLookup();
let count = 0;

const stepFrom = (line: Exclude<Line, { series: readonly Line[] }>): Step => {
  const [moveId, more] = typeof line === 'string' ? [line, {} as More] : line;
  const move = lookup(moveId);
  if (!move) throw new Error(`no move ${moveId}`);
  const { dose, ...rest } = more;
  const step = stepOf(move, `s${count++}`, defaultApproach);
  const own = typeof dose === 'number' ? withAmount(step.dose, dose) : (dose ?? step.dose);
  return Step.parse({ ...step, ...rest, dose: own });
};

/** A break from its lines, in a slot that it just fits unless one is given. */
export const breakOf = (name: string, lines: readonly Line[], more: BreakMore = {}): Break => {
  const items = lines.map((line) =>
    typeof line === 'object' && 'series' in line
      ? {
          type: 'chain',
          id: `c${count++}`,
          links: line.series.map((l) => stepFrom(l as Exclude<Line, { series: readonly Line[] }>)),
          ...line.more,
        }
      : stepFrom(line),
  );
  const brk = Break.parse({ id: 'b', name, slotSec: 3600, items, ...more });
  const made = timed(brk, lookup);
  if (!made.ok) throw new Error(`${name}: ${JSON.stringify(made.failures)}`);
  const sec = Math.ceil(made.timeline.totals.totalMs / 1000);
  return { ...brk, slotSec: more.slotSec ?? Math.max(10, sec) };
};
