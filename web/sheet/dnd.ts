import { type CollisionDetection, closestCenter, pointerWithin } from '@dnd-kit/core';

/** Names of the places on which something can be dropped. */
export const ITEMS = 'items';
export const SHEET_END = 'sheet-end';

const FROM_LIBRARY = 'move:';
/** What is dragged out of the library is told by its id. */
export const dragIdOf = (moveId: string): string => `${FROM_LIBRARY}${moveId}`;
/** The move that is dragged in, or null when something of the sheet is dragged. */
export const draggedMove = (id: string | number): string | null =>
  String(id).startsWith(FROM_LIBRARY) ? String(id).slice(FROM_LIBRARY.length) : null;

const listOf = (data: { current?: { sortable?: { containerId: unknown } } }): unknown =>
  data.current?.sortable?.containerId;

/**
 * What is dragged is dropped among its own kind: items among items, links among the links of their chain; a move of
 * the library among items or at the end.
 */
export const amongItsOwn: CollisionDetection = (args) => {
  const foreign = draggedMove(args.active.id) !== null;
  const own = foreign ? ITEMS : listOf(args.active.data);
  const candidates = {
    ...args,
    droppableContainers: args.droppableContainers.filter(
      (c) => listOf(c.data) === own || (foreign && c.id === SHEET_END),
    ),
  };
  // The pointer says where; the middle of what is dragged, which may be tall, only where it points at nothing.
  const under = pointerWithin(candidates);
  return under.length > 0 || foreign ? under : closestCenter(candidates);
};
