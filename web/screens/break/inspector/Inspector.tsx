import { isTwoWay } from '@kotabi/core/model';
import { useStore } from 'zustand';
import { Figure } from '../../../figure/Figure';
import { chainOf } from '../edits';
import type { BreakStore } from '../store';
import type { Actions } from '../useActions';
import type { Timed } from '../useTimed';
import { ChainFields } from './ChainFields';
import { DoseFields } from './DoseFields';
import styles from './inspector.module.css';
import { SideFields } from './SideFields';
import { UsualOrder } from './UsualOrder';
import { Words } from './Words';
import { WorkingText } from './WorkingText';

interface Props {
  store: BreakStore;
  timed: Extract<Timed, { ok: true }>;
  actions: Actions;
}

/** The chosen step: figure, dose, sides, what to say, and how its time comes about. */
export const Inspector = ({ store, timed, actions }: Props) => {
  const { brk, selected } = useStore(store);
  const id = selected.at(-1);
  const steps = timed.resolved.items.flatMap((i) => ('links' in i ? i.links : [i]));
  const index = steps.findIndex((s) => s.step.id === id);
  const at = steps[index];
  if (!at)
    return steps.length === 0 ? (
      <UsualOrder />
    ) : (
      <p className="muted small" style={{ padding: '4px 0 10px' }}>
        Choose a step to see its words, its dose and its working.
      </p>
    );
  const { step, move } = at;
  const chain = chainOf(brk, step.id);
  const parts = timed.timeline.parts.filter((p) => (chain ? p.chainId === chain.id : p.stepId === step.id));
  const two = isTwoWay(move);
  return (
    <div className={styles.inspector}>
      <div className={styles.kicker}>
        Step {index + 1} · {move.kind}
      </div>
      <h2>{move.name}</h2>
      <p className="muted small">
        {move.muscles.join(', ') || move.areas.join(', ')}
        {move.position === 'edge' && ' · front edge of the seat'}
      </p>
      <div className={styles.figures}>
        <div>
          <Figure move={move} width={two ? 122 : 136} side="left" />
          {two && <span className="left small">left</span>}
        </div>
        {two && (
          <div>
            <Figure move={move} width={122} side="right" />
            <span className="right small">right</span>
          </div>
        )}
      </div>
      <DoseFields step={step} move={move} whole={brk.wholeBreaths} change={actions.change} />
      {chain && <ChainFields store={store} chain={chain} />}
      {(two || move.ways.directions) && (
        <SideFields step={step} move={move} brk={brk} chained={chain !== undefined} change={actions.change} />
      )}
      <Words step={step} move={move} parts={timed.timeline.parts} pace={brk.pace} />
      <WorkingText parts={parts} chained={chain !== undefined} />
      {move.cautions.length > 0 && (
        <div className={styles.cautions}>
          <h3>Take care</h3>
          {move.cautions.map((c) => (
            <p key={c} className="small">
              {c}
            </p>
          ))}
        </div>
      )}
    </div>
  );
};
