import { type Approach, Break, defaultApproach, type Group, type Kept, otherSide } from '@kotabi/core/model';
import { habitsOf } from '@kotabi/core/propose/learned';

/** The usual slot of a break, seconds. Common practice, no source. */
const USUAL_SLOT_SEC = 300;

/** The group and the slot one is likely to want: those of the break changed last, and its group's most frequent slot. */
const likelyFor = (others: readonly Kept<Break>[]): Pick<Break, 'groupId' | 'slotSec'> => {
  const whole = others.filter((b) => !b.value.formOf);
  const [newest] = [...whole].sort((a, b) => (a.updatedAt < b.updatedAt ? 1 : -1));
  const groupId = newest?.value.groupId ?? null;
  const slots = whole.filter((b) => b.value.groupId === groupId).map((b) => b.value.slotSec);
  const times = (sec: number): number => slots.filter((s) => s === sec).length;
  const [slotSec] = [...slots].sort((a, b) => times(b) - times(a));
  return { groupId, slotSec: slotSec ?? USUAL_SLOT_SEC };
};

/**
 * An empty break with a name that none of the others has, beginning with the side the approach says, for the group and with
 * the slot one is likely to want.
 */
export const newBreak = (
  id: string,
  others: readonly Kept<Break>[],
  { firstSide: first }: Approach = defaultApproach,
  groups: readonly Kept<Group>[] = [],
): Break => {
  const last = others.at(-1)?.value.firstSide;
  const usual = first === 'change each time' ? (last ? otherSide(last) : 'left') : first;
  const likely = likelyFor(others);
  const group = groups.find((g) => g.value.id === likely.groupId)?.value;
  // As the second side it was cut short: so the records of the group say.
  const firstSide = (group && habitsOf(group).firstSide) ?? usual;
  const taken = new Set(others.map((b) => b.value.name));
  let name = 'New break';
  for (let n = 2; taken.has(name); n++) name = `New break ${n}`;
  return Break.parse({ id, name, ...likely, firstSide, items: [] });
};

/** The same break under a name and an id of its own; it is no form of another any more. */
export const copyOf = ({ formOf: _, ...value }: Break, id: string): Break => ({
  ...value,
  id,
  name: `${value.name.slice(0, 73)} (copy)`,
});
