import {
  type CollisionDetection,
  closestCenter,
  DndContext,
  type DragEndEvent,
  PointerSensor,
  pointerWithin,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import type { Kind } from '@kotabi/core/model';
import { Link2 } from 'lucide-react';
import { type ReactNode, useEffect, useRef } from 'react';
import { minSec } from '../words/time';
import { Row } from './Row';
import type { SheetItem, SheetRow } from './rows';
import { SpinePatterns } from './Spine';
import styles from './sheet.module.css';

interface Props {
  items: readonly SheetItem[];
  selected: readonly string[];
  /** Steps that something was found about, with how much it weighs. */
  marks: ReadonlyMap<string, 'caution' | 'look'>;
  onSelect: (stepId: string, extend: boolean) => void;
  onDrop: (activeId: string, overId: string) => void;
}

const Sortable = ({ id, children, className }: { id: string; children: ReactNode; className?: string }) => {
  const { setNodeRef, listeners, transform, transition, isDragging } = useSortable({ id });
  const style = {
    transform: CSS.Translate.toString(transform),
    transition,
    ...(isDragging && { zIndex: 2, position: 'relative' as const, opacity: 0.85 }),
  };
  return (
    <div ref={setNodeRef} style={style} {...listeners} className={className} role="presentation">
      {children}
    </div>
  );
};

/** What is dragged is dropped among its own kind: items among items, links among the links of their chain. */
const amongItsOwn: CollisionDetection = (args) => {
  const list = (data: { current?: { sortable?: { containerId: unknown } } }) =>
    data.current?.sortable?.containerId;
  const own = list(args.active.data);
  const candidates = {
    ...args,
    droppableContainers: args.droppableContainers.filter((c) => list(c.data) === own),
  };
  // The pointer says where; the middle of what is dragged, which may be tall, only where it points at nothing.
  const under = pointerWithin(candidates);
  return under.length > 0 ? under : closestCenter(candidates);
};

/** Rows of one chain: the links on the first side, which can be dragged, then the same on the second. */
const ChainRows = ({ item, render }: { item: SheetItem; render: (row: SheetRow) => ReactNode }) => {
  const first = item.rows.filter((r) => r.pass === 0);
  const sides = item.chain?.sides;
  const how =
    sides !== 'both'
      ? `${sides} only`
      : item.chain?.nesting === 'link by link'
        ? 'each link on both sides'
        : 'all on one side, then all on the other';
  return (
    <fieldset className={styles.chain} aria-label={`Series of ${first.length}, ${how}`}>
      <div className={styles.chainHead}>
        <Link2 size={14} aria-hidden="true" /> Series of {first.length} · {how}
      </div>
      <SortableContext items={first.map((r) => r.step.id)} strategy={verticalListSortingStrategy}>
        {first.map((r) => (
          <Sortable key={r.key} id={r.step.id}>
            {render(r)}
          </Sortable>
        ))}
      </SortableContext>
      {item.rows.filter((r) => r.pass === 1).map(render)}
    </fieldset>
  );
};

/**
 * The break as a script that runs down the page. What can be dragged is a step or a whole chain; links are
 * dragged within their chain.
 */
export const Sheet = ({ items, selected, marks, onSelect, onDrop }: Props) => {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const list = useRef<HTMLDivElement>(null);
  const shown = selected.at(-1);
  useEffect(() => {
    if (!shown) return;
    const row = list.current?.querySelector<HTMLElement>(`[data-step="${shown}"]`);
    row?.scrollIntoView({ block: 'nearest' });
    // Keyboard focus follows the choice while it is within the sheet.
    if (row && list.current?.contains(document.activeElement)) row.focus({ preventScroll: true });
  }, [shown]);

  const end = ({ active, over }: DragEndEvent): void => {
    if (over && active.id !== over.id) onDrop(String(active.id), String(over.id));
  };
  const firstRow = items[0]?.rows[0]?.step.id;
  const render = (row: SheetRow) => (
    <Row
      key={row.key}
      row={row}
      selected={selected.includes(row.step.id)}
      shown={row.step.id === shown}
      tabbable={row.step.id === (shown ?? firstRow)}
      mark={row.pass === 0 ? marks.get(row.step.id) : undefined}
      onSelect={onSelect}
    />
  );
  let phase: Kind | null = null;
  return (
    <div className={styles.sheet} ref={list}>
      <SpinePatterns />
      <div className={styles.heads} aria-hidden="true">
        <span className="left">LEFT</span>
        <span className={`right ${styles.headRight}`}>RIGHT</span>
      </div>
      <DndContext sensors={sensors} collisionDetection={amongItsOwn} onDragEnd={end}>
        <SortableContext items={items.map((i) => i.id)} strategy={verticalListSortingStrategy}>
          <div role="listbox" aria-multiselectable="true" aria-label="Steps of the break">
            {items.map((item) => {
              const label = item.kind === phase ? null : item.kind;
              phase = item.kind;
              return (
                <Sortable key={item.id} id={item.id} className={styles.item}>
                  {label && <div className={styles.phase}>{label}</div>}
                  {item.chain ? <ChainRows item={item} render={render} /> : item.rows.map(render)}
                </Sortable>
              );
            })}
          </div>
        </SortableContext>
      </DndContext>
      <div className={styles.end}>
        <span className="tabular">{minSec(endOf(items))}</span> end
      </div>
    </div>
  );
};

const endOf = (items: readonly SheetItem[]): number =>
  Math.max(0, ...items.flatMap((i) => i.rows.map((r) => r.startMs + r.lengthMs)));
