import {
  type DragEndEvent,
  type DragMoveEvent,
  type DragStartEvent,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { dropOn } from '@kotabi/core/edit';
import type { MoveLookup } from '@kotabi/core/model';
import { useState } from 'react';
import { amongItsOwn, draggedMove, SHEET_END } from '../../sheet/dnd';
import type { BreakStore } from './store';
import type { Actions } from './useActions';

/** A press that goes no further than this is a press. One object for all renders: a new one would have everything that can be dragged drawn again. */
const BY_POINTER = { activationConstraint: { distance: 6 } };

/** Dragging on the sheet and out of the library: what is under way, and what a drop does. */
export const useDrag = (store: BreakStore, lookup: MoveLookup, actions: Actions) => {
  const [dropBefore, setDropBefore] = useState<string | null>(null);
  const [dragging, setDragging] = useState<string | null>(null);
  const sensors = useSensors(useSensor(PointerSensor, BY_POINTER));
  const rest = (): void => {
    setDropBefore(null);
    setDragging(null);
  };
  return {
    /** The item before which something out of the library would be put. */
    dropBefore,
    /** The move of the library that is dragged. */
    dragged: dragging === null ? undefined : lookup(dragging),
    context: {
      sensors,
      collisionDetection: amongItsOwn,
      onDragStart: ({ active }: DragStartEvent): void => setDragging(draggedMove(active.id)),
      onDragMove: ({ active, over }: DragMoveEvent): void =>
        setDropBefore(draggedMove(active.id) !== null && over ? String(over.id) : null),
      onDragCancel: rest,
      onDragEnd: ({ active, over }: DragEndEvent): void => {
        rest();
        const moveId = draggedMove(active.id);
        if (moveId !== null) {
          const move = lookup(moveId);
          if (move && over) actions.addBefore(move, over.id === SHEET_END ? null : String(over.id));
        } else if (over && active.id !== over.id) {
          const { selected, edit } = store.getState();
          edit('change the order', (d) => dropOn(d, String(active.id), String(over.id), selected));
        }
      },
    },
  };
};
