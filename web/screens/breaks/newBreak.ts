import { type Approach, Break, defaultApproach, type Kept, otherSide } from '@kotabi/core/model';

/** An empty break with a name that none of the others has, beginning with the side the approach says. */
export const newBreak = (
  id: string,
  others: readonly Kept<Break>[],
  { firstSide: first }: Approach = defaultApproach,
): Break => {
  const last = others.at(-1)?.value.firstSide;
  const firstSide = first === 'change each time' ? (last ? otherSide(last) : 'left') : first;
  const taken = new Set(others.map((b) => b.value.name));
  let name = 'New break';
  for (let n = 2; taken.has(name); n++) name = `New break ${n}`;
  return Break.parse({ id, name, slotSec: 300, firstSide, items: [] });
};
