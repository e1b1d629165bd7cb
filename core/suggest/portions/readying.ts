import { type AreaBlock, NEARLY, type Option } from './portion';

/** How much of what lets moves in a portion may hold, as far as the bound keeps it in mind: beyond it there is enough. */
export const MOST_READY = 4;

/** What a dose does to what lets others in. */
export interface Readying {
  /** Less than 0 where it lets others in, more than 0 where it is one of those that are let in. */
  takes: number;
  /** Only where something has let it in. */
  needs: boolean;
}

/**
 * What readies what: of the rows that let some moves in only where others are, those of the same others together, and of these the
 * ones that most moves stand in. A row in which all of them stand counts how many are let in; others only ask for one at all.
 */
export const readyingOf = ({ rows, choices }: AreaBlock): ((o: Option) => Readying) => {
  const options = choices.flat();
  const groups = new Map<string, number[]>();
  for (const [k, { onlyAdds, eachLetGo, upper }] of rows.entries()) {
    if (onlyAdds || eachLetGo !== 0 || Math.abs(upper) > NEARLY) continue;
    const others = String(options.flatMap((o) => ((o.inRow[k] ?? 0) < 0 ? [o.column] : [])));
    groups.set(others, [...(groups.get(others) ?? []), k]);
  }
  const letIn = (list: readonly number[]): number =>
    options.filter((o) => list.some((k) => (o.inRow[k] ?? 0) > 0)).length;
  const [own = []] = [...groups.values()].sort((a, b) => letIn(b) - letIn(a));
  const whole = own.find((k) => letIn([k]) === letIn(own));
  const counts = whole ?? own[0];
  return (o) => {
    const factor = counts === undefined ? 0 : (o.inRow[counts] ?? 0);
    const isLetIn = own.some((k) => (o.inRow[k] ?? 0) > 0);
    return { takes: whole === undefined ? Math.min(0, factor) : factor, needs: isLetIn };
  };
};

/** What is left to let others in after a dose; less than 0 where it may not be done. */
export const readyAfter = (ready: number, { takes, needs }: Readying): number => {
  if (needs && ready <= 0) return -1;
  // What is kept in mind as the most may be more.
  return ready === MOST_READY && takes > 0 ? MOST_READY : Math.min(MOST_READY, ready - takes);
};
