import { Break, type Kept } from '@kotabi/core/model';

/** An empty break with a name that none of the others has. */
export const newBreak = (id: string, others: readonly Kept<Break>[]): Break => {
  const taken = new Set(others.map((b) => b.value.name));
  let name = 'New break';
  for (let n = 2; taken.has(name); n++) name = `New break ${n}`;
  return Break.parse({ id, name, slotSec: 300, items: [] });
};
