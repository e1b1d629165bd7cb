import { type Move, type MoveLookup, stepsOf } from '@kotabi/core/model';
import { useCallback, useMemo, useState } from 'react';
import { useStore } from 'zustand';
import { sheetItems } from '../../sheet/rows';
import { Sheet } from '../../sheet/Sheet';
import { useTitle } from '../../shell/useTitle';
import { AddPanel } from './AddPanel';
import { BreakHead } from './BreakHead';
import styles from './break.module.css';
import { dropOn } from './edits';
import { Findings } from './Findings';
import { Inspector } from './inspector/Inspector';
import { KeysHelp } from './KeysHelp';
import type { BreakStore } from './store';
import { Toolbar } from './Toolbar';
import { useActions } from './useActions';
import { useKeys } from './useKeys';
import { useTimed } from './useTimed';

interface Props {
  store: BreakStore;
  moves: readonly Move[];
  lookup: MoveLookup;
}

/** The break sheet: moves to add on the left, the script in the middle, the chosen step on the right. */
export const Editor = ({ store, moves, lookup }: Props) => {
  const { brk, selected, edit, select } = useStore(store);
  useTitle(brk.name);
  const timed = useTimed(brk, lookup);
  const actions = useActions(store, lookup);
  const [help, setHelp] = useState(false);
  useKeys(store, actions, () => setHelp(true));

  const items = useMemo(() => (timed.ok ? sheetItems(timed.resolved, timed.timeline) : []), [timed]);
  const marks = useMemo(() => {
    const map = new Map<string, 'caution' | 'look'>();
    if (timed.ok)
      // Running over marks no single step: the gauge shows it.
      for (const { weight, stepIds, code } of timed.findings)
        if (code !== 'overSlot') for (const id of stepIds) if (map.get(id) !== 'caution') map.set(id, weight);
    return map;
  }, [timed]);

  const choose = useCallback(
    (stepId: string, extend: boolean) => {
      const anchor = store.getState().selected[0];
      if (!extend || !anchor) {
        select([stepId]);
        return;
      }
      const ids = stepsOf(store.getState().brk).map((s) => s.id);
      const [a, b] = [ids.indexOf(anchor), ids.indexOf(stepId)];
      const range = ids.slice(Math.min(a, b), Math.max(a, b) + 1);
      // The anchor stays first and the step shown last, whichever way the range runs.
      select(a <= b ? range : range.reverse());
    },
    [store, select],
  );
  const drop = useCallback(
    (activeId: string, overId: string) => edit('move a step', (d) => dropOn(d, activeId, overId)),
    [edit],
  );

  return (
    <div className={styles.screen}>
      <BreakHead store={store} timed={timed} />
      <div className={styles.columns}>
        <AddPanel moves={moves} add={actions.add} />
        <section className={`card ${styles.middle}`} aria-label="Sheet">
          <Toolbar store={store} actions={actions} help={() => setHelp(true)} />
          <div className={styles.scroll}>
            {timed.ok && items.length > 0 && (
              <Sheet items={items} selected={selected} marks={marks} onSelect={choose} onDrop={drop} />
            )}
            {timed.ok && items.length === 0 && (
              <div className={styles.blank}>
                <h2>An empty sheet</h2>
                <p className="muted">
                  Choose moves on the left, from settling down to the close. Time runs down this page; left
                  hangs left, right hangs right.
                </p>
              </div>
            )}
            {!timed.ok && (
              <div className={styles.blank} role="alert">
                <h2>This break cannot be timed</h2>
                <p className="muted">
                  {timed.failures.map((f) =>
                    f.code === 'unknownMove'
                      ? `It uses a move that is not in your library (${f.moveId}). `
                      : `A series holds a move without two sides (${lookup(f.moveId)?.name ?? f.moveId}). `,
                  )}
                  Undo the last change, or remove the step.
                </p>
              </div>
            )}
          </div>
        </section>
        <aside className={`card ${styles.side}`} aria-label="Chosen step and review">
          {timed.ok && <Inspector store={store} timed={timed} actions={actions} />}
          {timed.ok && <Findings findings={timed.findings} resolved={timed.resolved} select={select} />}
        </aside>
      </div>
      <KeysHelp open={help} close={() => setHelp(false)} />
    </div>
  );
};
