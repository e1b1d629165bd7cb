import { DndContext, DragOverlay } from '@dnd-kit/core';
import type { Fix } from '@kotabi/core/edit';
import type { Shelf } from '@kotabi/core/library';
import { type Approach, approachOf, type Move, stepsOf, WEIGHTS, type Weight } from '@kotabi/core/model';
import { Suspense, useCallback, useEffect, useMemo, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { useStore } from 'zustand';
import { Tabs } from '../../fields/Tabs';
import { later } from '../../later/later';
import type { SelectMode } from '../../sheet/Row';
import { sheetItems } from '../../sheet/rows';
import { Sheet } from '../../sheet/Sheet';
import { useTitle } from '../../shell/useTitle';
import { AddPanel } from './AddPanel';
import { BreakHead } from './BreakHead';
import styles from './break.module.css';
import { commandsOf, type Dialog } from './commands';
import { Hotkeys } from './Hotkeys';
import type { BreakStore } from './store';
import { menuOf, Toolbar } from './Toolbar';
import { useActions } from './useActions';
import { useDrag } from './useDrag';
import { useAudience, useTimed } from './useTimed';

// What is beside and above the sheet comes after it.
const ContextMenu = later(async () => (await import('../../fields/ContextMenu')).default);
const Dialogs = later(async () => (await import('./Dialogs')).Dialogs);
const Findings = later(async () => (await import('./Findings')).Findings);
const ScriptPanel = later(async () => (await import('./ScriptPanel')).ScriptPanel);
const Several = later(async () => (await import('./inspector/Several')).Several);
const Inspector = later(async () => (await import('./inspector/Inspector')).Inspector);

interface Props {
  store: BreakStore;
  moves: readonly Move[];
  /** The instructor's own moves, for work that is done away from the page. */
  own: readonly Move[];
  shelf: Shelf;
  /** The instructor's own; the break may answer some questions differently. */
  approach: Approach;
}

/** The weightiest mark of each step. */
const marksOf = (findings: readonly { code: string; weight: Weight; stepIds: readonly string[] }[]) => {
  const map = new Map<string, Weight>();
  for (const { weight, stepIds, code } of findings) {
    // Running over marks no single step: the gauge shows it.
    if (code === 'overSlot') continue;
    const [first] = stepIds;
    if (!first) continue;
    const now = map.get(first);
    if (!now || WEIGHTS.indexOf(weight) < WEIGHTS.indexOf(now)) map.set(first, weight);
  }
  return map;
};

/** The break sheet: moves to add on the left, the script in the middle, the chosen step and the review on the right. */
export const Editor = ({ store, moves, own, shelf, approach }: Props) => {
  const state = useStore(store);
  const { value: brk, selected, select } = state;
  const { lookup } = shelf;
  useTitle(brk.name);
  const audience = useAudience(brk.groupId);
  const timed = useTimed(brk, shelf, approach, audience);
  const mine = useMemo(() => approachOf(approach, brk.approach), [approach, brk.approach]);
  const actions = useActions(store, lookup, mine);
  const location = useLocation();
  const navigate = useNavigate();
  const [dialog, setDialog] = useState<Dialog | null>(null);
  const asked = (location.state as { suggest?: boolean } | null)?.suggest;
  useEffect(() => {
    if (!asked) return;
    setDialog('suggest');
    // Asked for once: not again when the page is loaded anew.
    void navigate('.', { replace: true, state: null });
  }, [asked, navigate]);
  const [menuAt, setMenuAt] = useState<{ x: number; y: number } | null>(null);
  const [panel, setPanel] = useState<'step' | 'script' | 'review'>('step');

  const findings = timed.ok ? timed.findings : [];
  const nextFinding = useCallback(() => {
    const now = store.getState().selected.at(-1);
    const withStep = findings.filter((f) => f.stepIds.length > 0);
    const at = withStep.findIndex((f) => f.stepIds[0] === now);
    const next = withStep[(at + 1) % Math.max(1, withStep.length)];
    setPanel('review');
    if (next) select([...next.stepIds].reverse());
  }, [findings, select, store]);
  const commands = useMemo(
    () =>
      commandsOf({
        actions,
        lookup,
        undo: () => store.getState().undoEdit(),
        redo: () => store.getState().redoEdit(),
        open: setDialog,
        nextFinding,
      }),
    [actions, lookup, store, nextFinding],
  );
  const fix = useCallback(
    (f: Fix): void => {
      if (f.do === 'fit') setDialog('fit');
      else actions.fix(f);
    },
    [actions],
  );
  const swap = useCallback(() => setDialog('swap'), []);

  const items = useMemo(() => (timed.ok ? sheetItems(timed.resolved, timed.timeline) : []), [timed]);
  const marks = useMemo(() => marksOf(timed.ok ? timed.findings : []), [timed]);

  const choose = useCallback(
    (stepId: string, mode: SelectMode) => {
      const { selected: now, value: current } = store.getState();
      setPanel((p) => (p === 'script' ? p : 'step'));
      const [anchor] = now;
      if (mode === 'toggle') {
        select(now.includes(stepId) ? now.filter((id) => id !== stepId) : [...now, stepId]);
        return;
      }
      if (mode === 'one' || !anchor) {
        select([stepId]);
        return;
      }
      const ids = stepsOf(current).map((s) => s.id);
      const [a, b] = [ids.indexOf(anchor), ids.indexOf(stepId)];
      const range = ids.slice(Math.min(a, b), Math.max(a, b) + 1);
      // The anchor stays first and the step shown last, whichever way the range runs.
      select(a <= b ? range : range.reverse());
    },
    [store, select],
  );

  const { dropBefore, dragged, context } = useDrag(store, lookup, actions);
  const open = findings.length;
  return (
    <div className={styles.screen}>
      <BreakHead
        store={store}
        timed={timed}
        approach={approach}
        moves={moves}
        lookup={lookup}
        audience={audience}
        openFit={() => setDialog('fit')}
      />
      <DndContext {...context}>
        <div className={styles.columns}>
          <AddPanel moves={moves} pauses={shelf.pauses} approach={mine} breakId={brk.id} add={actions.add} />
          <section className={`card ${styles.middle}`} aria-label="Sheet">
            <Toolbar store={store} commands={commands} />
            {/* biome-ignore lint/a11y/noStaticElementInteractions: the same menu is behind the button “Commands” */}
            <div
              className={styles.scroll}
              role="presentation"
              onContextMenu={(e) => {
                e.preventDefault();
                setMenuAt({ x: e.clientX, y: e.clientY });
              }}
            >
              {timed.ok && (
                <Sheet
                  items={items}
                  selected={selected}
                  marks={marks}
                  dropBefore={dropBefore}
                  onSelect={choose}
                />
              )}
              {timed.ok && items.length === 0 && (
                <div className={styles.blank}>
                  <h2>An empty sheet</h2>
                  <p className="muted">
                    Choose moves on the left, or drag them here, from settling down to the close. Time runs
                    down this page; left hangs left, right hangs right. Or let Kotabi{' '}
                    <button type="button" className={styles.show} onClick={() => setDialog('suggest')}>
                      suggest a break
                    </button>
                    .
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
            {menuAt && (
              <Suspense>
                <ContextMenu at={menuAt} menu={menuOf(commands, state)} close={() => setMenuAt(null)} />
              </Suspense>
            )}
          </section>
          <aside className={`card ${styles.side}`} aria-label="Chosen step and review">
            <Tabs
              className={styles.tabs}
              label="What is shown here"
              value={panel}
              options={[
                { value: 'step' as const, label: 'Step' },
                { value: 'script' as const, label: 'Script' },
                { value: 'review' as const, label: open > 0 ? `Review · ${open}` : 'Review' },
              ]}
              onChange={setPanel}
            />
            <Suspense>
              {timed.ok && panel === 'script' && (
                <ScriptPanel
                  brk={brk}
                  timed={timed}
                  selected={selected}
                  onSelect={(id) => choose(id, 'one')}
                />
              )}
              {timed.ok && panel === 'step' && selected.length > 1 && (
                <Several timed={timed} selected={selected} actions={actions} />
              )}
              {timed.ok && panel === 'step' && selected.length <= 1 && (
                <Inspector
                  store={store}
                  timed={timed}
                  actions={actions}
                  lookup={lookup}
                  swap={swap}
                  fix={fix}
                />
              )}
              {timed.ok && panel === 'review' && (
                <Findings store={store} timed={timed} select={select} fix={fix} />
              )}
            </Suspense>
          </aside>
        </div>
        <DragOverlay dropAnimation={null}>
          {dragged && <div className={styles.dragged}>{dragged.name}</div>}
        </DragOverlay>
      </DndContext>
      <Hotkeys commands={commands} actions={actions} store={store} />
      <Suspense>
        <Dialogs
          dialog={dialog}
          close={() => setDialog(null)}
          store={store}
          actions={actions}
          commands={commands}
          moves={moves}
          own={own}
          lookup={lookup}
          approach={approach}
          audience={audience}
        />
      </Suspense>
    </div>
  );
};
