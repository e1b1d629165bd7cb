import { stepsOf } from '@kotabi/core/model';
import { Button, type MenuProps } from 'antd';
import {
  ArrowDown,
  ArrowUp,
  Copy,
  Keyboard,
  Link2,
  ListTree,
  Redo2,
  Shuffle,
  Sparkles,
  Trash2,
  Undo2,
  Unlink2,
} from 'lucide-react';
import type { ReactNode } from 'react';
import { useStore } from 'zustand';
import { LazyMenu } from '../../fields/LazyMenu';
import styles from './break.module.css';
import type { Command } from './commands';
import type { BreakState, BreakStore } from './store';

const Tool = (props: {
  label: string;
  keys: string;
  icon: ReactNode;
  onClick: () => void;
  off?: boolean;
  text?: string;
}) => (
  <Button
    title={`${props.label} (${props.keys})`}
    type="text"
    size="small"
    aria-label={props.label}
    icon={props.icon}
    disabled={props.off}
    onClick={props.onClick}
  >
    {props.text && <span className={styles.toolText}>{props.text}</span>}
  </Button>
);

/** All commands as a menu, each with its key. */
export const menuOf = (commands: readonly Command[], state: BreakState): MenuProps => ({
  className: styles.menu,
  items: [...new Set(commands.map((c) => c.group))].flatMap((group, i) => [
    ...(i > 0 ? [{ type: 'divider' as const, key: `line ${group}` }] : []),
    {
      type: 'group' as const,
      key: group,
      label: group,
      children: commands
        .filter((c) => c.group === group)
        .map((c) => ({
          key: c.id,
          disabled: !c.possible(state),
          onClick: c.run,
          label: (
            <span className={styles.menuLine}>
              {c.label}
              <kbd>{c.keys}</kbd>
            </span>
          ),
        })),
    },
  ]),
});

/** What is done most often, as buttons; everything else in the menu beside them. */
export const Toolbar = ({ store, commands }: { store: BreakStore; commands: readonly Command[] }) => {
  const state = useStore(store);
  const { value: brk, selected, undo, redo } = state;
  const count = stepsOf(brk).length;
  const of = (id: string) => {
    const command = commands.find((c) => c.id === id);
    if (!command) throw new Error(`no such command: ${id}`);
    return { label: command.label, keys: command.keys, onClick: command.run, off: !command.possible(state) };
  };
  const chained = !of('unchain').off && selected.length < 2;
  return (
    <div className={styles.toolbar} role="toolbar" aria-label="Steps">
      <Tool
        {...of('undo')}
        label={`Undo${undo.length ? `: ${undo.at(-1)?.label}` : ''}`}
        icon={<Undo2 size={17} />}
      />
      <Tool
        {...of('redo')}
        label={`Redo${redo.length ? `: ${redo.at(-1)?.label}` : ''}`}
        icon={<Redo2 size={17} />}
      />
      <span className={styles.rule} />
      <Tool {...of('up')} icon={<ArrowUp size={17} />} />
      <Tool {...of('down')} icon={<ArrowDown size={17} />} />
      <Tool {...of('duplicate')} icon={<Copy size={16} />} />
      <Tool {...of('remove')} icon={<Trash2 size={16} />} />
      <span className={styles.rule} />
      <Tool {...of('swap')} icon={<Shuffle size={16} />} />
      {chained ? (
        <Tool {...of('unchain')} icon={<Unlink2 size={16} />} text="Take apart" />
      ) : (
        <Tool {...of('chain')} icon={<Link2 size={16} />} {...(!of('chain').off && { text: 'Series' })} />
      )}
      <span className={styles.grow} />
      {!chained && of('chain').off && (
        <span className={`muted small ${styles.count}`}>
          {count} step{count === 1 ? '' : 's'}
        </span>
      )}
      <Tool {...of('suggest')} icon={<Sparkles size={16} />} text="Suggest" />
      <LazyMenu
        type="text"
        size="small"
        aria-label="Commands"
        icon={<ListTree size={17} />}
        menu={menuOf(commands, state)}
      >
        <span className={styles.toolText}>Commands</span>
      </LazyMenu>
      <Tool {...of('keys')} label="Keys" icon={<Keyboard size={17} />} />
    </div>
  );
};
