import { z } from 'zod';
import { type Break, Item, MOST_LINKS, mapChain, stepsOf } from '../model';
import { chainOf, placeOf } from './edits';

/** Steps on their way from one break to another, as text that can be kept or sent. */
export const Clip = z.object({ format: z.literal('kotabi-steps'), items: z.array(Item).min(1).max(120) });
export type Clip = z.infer<typeof Clip>;

/** Copies of the chosen steps in their order; of a chain, the links that are chosen stay a chain while there are two. */
export const clipOf = (brk: Pick<Break, 'items'>, ids: readonly string[]): Item[] =>
  brk.items.flatMap((it): Item[] => {
    if (it.type === 'step') return ids.includes(it.id) ? [it] : [];
    const links = it.links.filter((l) => ids.includes(l.id));
    return links.length < 2 ? links : [{ ...it, links }];
  });

/** The same items under new ids. */
export const withNewIds = (items: readonly Item[], newId: () => string): Item[] =>
  items.map((it): Item => {
    const id = newId();
    return it.type === 'step' ? { ...it, id } : { ...mapChain(it, (l) => ({ ...l, id: newId() })), id };
  });

/** Puts items behind a step (behind its whole chain), or at the end; gives the ids of their steps. */
export const insertItems = (draft: Break, items: readonly Item[], afterId: string | null): string[] => {
  const place = afterId === null ? null : placeOf(draft, afterId);
  draft.items.splice(place ? place.item + 1 : draft.items.length, 0, ...items);
  return stepsOf({ items: [...items] }).map((s) => s.id);
};

/** Reads a clip from text; null when the text is something else. */
export const readClip = (text: string): Clip | null => {
  try {
    return Clip.parse(JSON.parse(text));
  } catch {
    return null; // anything may lie on the clipboard; only our own shape is pasted
  }
};

/** Copies the chosen steps to right behind the last of them: links within their chain, the rest as items. */
export const duplicate = (draft: Break, ids: readonly string[], newId: () => string): string[] => {
  const last = ids.at(-1);
  if (last === undefined) return [];
  const chain = chainOf(draft, last);
  const links = chain?.links.filter((l) => ids.includes(l.id)) ?? [];
  if (chain && links.length === ids.length && chain.links.length + links.length <= MOST_LINKS) {
    const copies = links.map((l) => ({ ...l, id: newId() }));
    chain.links.splice(chain.links.findIndex((l) => l.id === last) + 1, 0, ...copies);
    return copies.map((l) => l.id);
  }
  return insertItems(draft, withNewIds(clipOf(draft, ids), newId), last);
};
