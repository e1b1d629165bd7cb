import { useDroppable } from '@dnd-kit/core';
import { SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import type { Kind, Weight } from '@kotabi/core/model';
import { Link2 } from 'lucide-react';
import { memo, type ReactNode, useEffect, useMemo, useRef } from 'react';
import { minSec } from '../words/time';
import { ITEMS, SHEET_END } from './dnd';
import { Row, type SelectMode } from './Row';
import type { SheetItem, SheetRow } from './rows';
import { SpinePatterns } from './Spine';
import styles from './sheet.module.css';

interface Props {
  items: readonly SheetItem[];
  selected: readonly string[];
  /** Steps that something was found about, with how much it weighs. */
  marks: ReadonlyMap<string, Weight>;
  /** The item before which something from outside would be put in. */
  dropBefore: string | null;
  onSelect: (stepId: string, mode: SelectMode) => void;
}

interface SortableProps {
  id: string;
  children: ReactNode;
  className?: string;
  marked?: boolean;
}

const Sortable = ({ id, children, className, marked }: SortableProps) => {
  const { setNodeRef, listeners, transform, transition, isDragging } = useSortable({ id });
  const style = {
    transform: CSS.Translate.toString(transform),
    transition,
    ...(isDragging && { zIndex: 2, position: 'relative' as const, opacity: 0.85 }),
  };
  return (
    <div
      ref={setNodeRef}
      style={style}
      {...listeners}
      className={[className, marked && styles.dropBefore].filter(Boolean).join(' ')}
      role="presentation"
    >
      {children}
    </div>
  );
};

/** Rows of one chain: the links on the first side, which can be dragged, then the same on the second. */
const ChainRows = ({ item, render }: { item: SheetItem; render: (row: SheetRow) => ReactNode }) => {
  const first = item.rows.filter((r) => r.pass === 0);
  const { sides, rounds = 1 } = item.chain ?? {};
  const order =
    sides !== 'both'
      ? `${sides} only`
      : item.chain?.nesting === 'link by link'
        ? 'each link on both sides'
        : 'all on one side, then all on the other';
  const how = rounds > 1 ? `${order}, ${rounds} rounds` : order;
  return (
    <fieldset className={styles.chain} aria-label={`Series of ${first.length}, ${how}`}>
      <div className={styles.chainHead}>
        <Link2 size={14} aria-hidden="true" /> Series of {first.length} · {how}
      </div>
      <SortableContext
        id={item.id}
        items={first.map((r) => r.step.id)}
        strategy={verticalListSortingStrategy}
      >
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

interface ItemProps {
  item: SheetItem;
  /** The phase that begins with it. */
  label: Kind | null;
  marked: boolean;
  marks: ReadonlyMap<string, Weight>;
  /** Which of its steps are chosen, which one is shown, and which takes the focus; ids, with blanks between. */
  chosen: string;
  shown: string | undefined;
  tabbable: string | undefined;
  onSelect: Props['onSelect'];
}

/** One step, or a whole series, on the sheet: drawn again only where something of it is another. */
const Item = memo(({ item, label, marked, marks, chosen, shown, tabbable, onSelect }: ItemProps) => {
  const selected = chosen.split(' ');
  const render = (row: SheetRow) => (
    <Row
      key={row.key}
      row={row}
      selected={selected.includes(row.step.id)}
      shown={row.step.id === shown}
      tabbable={row.step.id === tabbable}
      mark={row.pass === 0 ? marks.get(row.step.id) : undefined}
      onSelect={onSelect}
    />
  );
  return (
    <Sortable id={item.id} className={styles.item} marked={marked}>
      {label && <div className={styles.phase}>{label}</div>}
      {item.chain ? <ChainRows item={item} render={render} /> : item.rows.map(render)}
    </Sortable>
  );
});
Item.displayName = 'Item';

/** The end of the sheet, where what is dragged in from the library can be dropped as well. */
const End = ({ atMs, marked }: { atMs: number; marked: boolean }) => {
  const { setNodeRef } = useDroppable({ id: SHEET_END });
  return (
    <div ref={setNodeRef} className={`${styles.end} ${marked ? styles.dropBefore : ''}`}>
      <span className="tabular">{minSec(atMs)}</span> end
    </div>
  );
};

/**
 * The break as a script that runs down the page. What can be dragged is a step or a whole chain; links are dragged
 * within their chain. It stands inside a context of dragging, which it shares with the library.
 */
export const Sheet = ({ items, selected, marks, dropBefore, onSelect }: Props) => {
  const list = useRef<HTMLDivElement>(null);
  const shown = selected.at(-1);
  useEffect(() => {
    if (!shown) return;
    const row = list.current?.querySelector<HTMLElement>(`[data-step="${shown}"]`);
    row?.scrollIntoView({ block: 'nearest' });
    // Keyboard focus follows the choice while it is within the sheet.
    if (row && list.current?.contains(document.activeElement)) row.focus({ preventScroll: true });
  }, [shown]);

  const tabbable = shown ?? items[0]?.rows[0]?.step.id;
  // The same list while the order is the same, so that a change of dose does not stir every row.
  const order = items.map((i) => i.id).join(' ');
  const ids = useMemo(() => (order === '' ? [] : order.split(' ')), [order]);
  let phase: Kind | null = null;
  return (
    <div className={styles.sheet} ref={list}>
      <SpinePatterns />
      <div className={styles.heads}>
        <span className="left" aria-hidden="true">
          LEFT
        </span>
        <span className={`right ${styles.headRight}`} aria-hidden="true">
          RIGHT
        </span>
        <span className={styles.legend}>
          <i className={styles.onOut} /> ends on a breath out
          <i className={styles.offOut} /> does not
        </span>
      </div>
      <SortableContext id={ITEMS} items={ids} strategy={verticalListSortingStrategy}>
        <div role="listbox" aria-multiselectable="true" aria-label="Steps of the break">
          {items.map((item) => {
            // A pause belongs to whatever phase it stands in.
            const label = item.kind === phase || item.kind === 'pause' ? null : item.kind;
            if (label) phase = item.kind;
            return (
              <Item
                key={item.id}
                item={item}
                label={label}
                marked={item.id === dropBefore}
                marks={marks}
                chosen={selected.filter((id) => item.rows.some((r) => r.step.id === id)).join(' ')}
                shown={item.rows.some((r) => r.step.id === shown) ? shown : undefined}
                tabbable={item.rows.some((r) => r.step.id === tabbable) ? tabbable : undefined}
                onSelect={onSelect}
              />
            );
          })}
        </div>
      </SortableContext>
      <End atMs={endOf(items)} marked={dropBefore === SHEET_END} />
    </div>
  );
};

const endOf = (items: readonly SheetItem[]): number =>
  Math.max(0, ...items.flatMap((i) => i.rows.map((r) => r.startMs + r.lengthMs)));
