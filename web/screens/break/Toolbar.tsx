import { stepsOf } from '@kotabi/core/model';
import { Button, Tooltip } from 'antd';
import { ArrowDown, ArrowUp, Copy, Keyboard, Link2, Redo2, Trash2, Undo2, Unlink2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { useStore } from 'zustand';
import styles from './break.module.css';
import { chainOf } from './edits';
import type { BreakStore } from './store';
import type { Actions } from './useActions';

const Tool = (props: {
  label: string;
  keys: string;
  icon: ReactNode;
  onClick: () => void;
  off?: boolean;
  text?: string;
}) => (
  <Tooltip title={`${props.label} (${props.keys})`} mouseEnterDelay={0.5}>
    <Button
      type="text"
      size="small"
      aria-label={props.label}
      icon={props.icon}
      disabled={props.off}
      onClick={props.onClick}
    >
      {props.text}
    </Button>
  </Tooltip>
);

/** What can be done with the chosen steps; each has its key. */
export const Toolbar = ({
  store,
  actions,
  help,
}: {
  store: BreakStore;
  actions: Actions;
  help: () => void;
}) => {
  const { brk, selected, undo, redo, undoEdit, redoEdit } = useStore(store);
  const none = selected.length === 0;
  const chained = chainOf(brk, selected.at(-1) ?? '') !== undefined;
  const count = stepsOf(brk).length;
  return (
    <div className={styles.toolbar} role="toolbar" aria-label="Steps">
      <Tool
        label={`Undo${undo.length ? `: ${undo.at(-1)?.label}` : ''}`}
        keys="Ctrl Z"
        icon={<Undo2 size={17} />}
        off={undo.length === 0}
        onClick={undoEdit}
      />
      <Tool
        label={`Redo${redo.length ? `: ${redo.at(-1)?.label}` : ''}`}
        keys="Ctrl Shift Z"
        icon={<Redo2 size={17} />}
        off={redo.length === 0}
        onClick={redoEdit}
      />
      <span className={styles.rule} />
      <Tool
        label="Move up"
        keys="Alt ↑"
        icon={<ArrowUp size={17} />}
        off={none}
        onClick={() => actions.move(-1)}
      />
      <Tool
        label="Move down"
        keys="Alt ↓"
        icon={<ArrowDown size={17} />}
        off={none}
        onClick={() => actions.move(1)}
      />
      <Tool label="Duplicate" keys="D" icon={<Copy size={16} />} off={none} onClick={actions.duplicate} />
      <Tool label="Remove" keys="Delete" icon={<Trash2 size={16} />} off={none} onClick={actions.remove} />
      <span className={styles.rule} />
      {chained && selected.length < 2 ? (
        <Tool
          label="Take the series apart"
          keys="U"
          icon={<Unlink2 size={16} />}
          onClick={actions.unchain}
          text="Take apart"
        />
      ) : (
        <Tool
          label="Make a series of the chosen steps"
          keys="C"
          icon={<Link2 size={16} />}
          off={selected.length < 2}
          onClick={actions.chain}
          text="Make a series"
        />
      )}
      <span className={styles.grow} />
      <span className={`muted small ${styles.count}`}>
        {selected.length > 1
          ? `${selected.length} of ${count} steps chosen`
          : `${count} step${count === 1 ? '' : 's'}`}
      </span>
      <Tool label="Keys" keys="?" icon={<Keyboard size={17} />} onClick={help} />
    </div>
  );
};
