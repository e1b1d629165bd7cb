import type { Break } from '../model';
import { chainOf, placeOf } from './edits';

/** Moves the marked entries of a list one place up or down together; at the end they stay. */
const shiftMarked = <T>(list: T[], marked: (entry: T) => boolean, by: 1 | -1): void => {
  const order = list.map((_, i) => i);
  if (by > 0) order.reverse();
  for (const i of order) {
    const [here, there] = [list[i], list[i + by]];
    if (here === undefined || there === undefined || !marked(here) || marked(there)) continue;
    list[i + by] = here;
    list[i] = there;
  }
};

/** Ids of the items that the chosen steps belong to. */
const itemsOf = (brk: Break, ids: readonly string[]): Set<string> =>
  new Set(ids.flatMap((id) => brk.items[placeOf(brk, id)?.item ?? -1]?.id ?? []));

/**
 * Moves the chosen steps one place up or down together. Links of one chain move within it, unless the whole of it
 * is meant; everything else moves as whole items.
 */
export const nudge = (draft: Break, ids: readonly string[], by: 1 | -1, whole = false): void => {
  const chain = chainOf(draft, ids[0] ?? '');
  const links = new Set(chain?.links.map((l) => l.id));
  if (chain && !whole && ids.every((id) => links.has(id)) && ids.length < chain.links.length)
    shiftMarked(chain.links, (l) => ids.includes(l.id), by);
  else {
    const items = itemsOf(draft, ids);
    shiftMarked(draft.items, (it) => items.has(it.id), by);
  }
};

const shift = <T>(list: T[], from: number, to: number): void => {
  const [moved] = list.splice(from, 1);
  if (moved !== undefined) list.splice(to, 0, moved);
};

/**
 * Drops what is dragged where another one is: an item among items, a link among the links of its chain. When the
 * dragged item is one of several that are chosen, all of them go along, in their order.
 */
export const dropOn = (
  draft: Break,
  activeId: string,
  overId: string,
  chosen: readonly string[] = [],
): void => {
  const items = draft.items.map((it) => it.id);
  if (items.includes(activeId) && items.includes(overId)) {
    const group = itemsOf(draft, chosen);
    if (!group.has(activeId) || group.size < 2 || group.has(overId)) {
      shift(draft.items, items.indexOf(activeId), items.indexOf(overId));
      return;
    }
    const down = items.indexOf(overId) > items.indexOf(activeId);
    const moving = draft.items.filter((it) => group.has(it.id));
    draft.items = draft.items.filter((it) => !group.has(it.id));
    const at = draft.items.findIndex((it) => it.id === overId) + (down ? 1 : 0);
    draft.items.splice(at, 0, ...moving);
    return;
  }
  const chain = chainOf(draft, activeId);
  const ids = chain?.links.map((l) => l.id) ?? [];
  if (chain && ids.includes(overId)) shift(chain.links, ids.indexOf(activeId), ids.indexOf(overId));
};
