import { placeWord } from '@kotabi/core/cues';
import type { Fix } from '@kotabi/core/edit';
import { chainOf } from '@kotabi/core/edit';
import { type Break, isTwoWay, type MoveLookup, variantOf } from '@kotabi/core/model';
import { cautionsOf } from '@kotabi/core/needs';
import type { Reviewed } from '@kotabi/core/review';
import { placedSteps } from '@kotabi/core/timing';
import { Button } from 'antd';
import { Shuffle } from 'lucide-react';
import { memo, useDeferredValue } from 'react';
import { useStore } from 'zustand';
import { MovingFigure } from '../../../figure/MovingFigure';
import { StepFindings } from '../Findings';
import type { BreakStore } from '../store';
import type { Actions } from '../useActions';
import { ChainFields } from './ChainFields';
import { DoseFields } from './DoseFields';
import { FitFields } from './FitFields';
import styles from './inspector.module.css';
import { MoreDose } from './MoreDose';
import { OwnWords } from './OwnWords';
import { PositionField } from './PositionField';
import { RungField } from './RungField';
import { SideFields } from './SideFields';
import { StepNeeds } from './StepNeeds';
import { UsedElsewhere } from './UsedElsewhere';
import { UsualOrder } from './UsualOrder';
import { Words } from './Words';
import { WorkingText } from './WorkingText';

interface Props {
  store: BreakStore;
  timed: Extract<Reviewed, { ok: true }>;
  actions: Actions;
  lookup: MoveLookup;
  swap: () => void;
  fix: (fix: Fix) => void;
}

/** The chosen step: figure, dose, sides, what to say, and how its time comes about. */
export const Inspector = ({ store, timed, actions, lookup, swap, fix }: Props) => {
  const { value: brk, selected } = useStore(store);
  // The row lights up at once; the fields follow as soon as there is time, so that the arrow keys never wait for them.
  const id = useDeferredValue(selected.at(-1));
  return <ChosenStep {...{ store, brk, timed, id, actions, lookup, swap, fix }} />;
};

// Drawn again only when something it shows has changed: while another row lights up, nothing of it has.
const ChosenStep = memo((p: Props & { brk: Break; id: string | undefined }) => {
  const { store, brk, timed, id, actions, lookup, swap, fix } = p;
  const steps = placedSteps(timed.resolved);
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
  const { step, move, meanwhile } = at;
  const change = actions.changeOf(step.id);
  const chain = chainOf(brk, step.id);
  const parts = timed.timeline.parts.filter((p) => (chain ? p.chainId === chain.id : p.stepId === step.id));
  const two = isTwoWay(move);
  const cautions = [
    ...new Set([
      ...cautionsOf(at.variant),
      ...(meanwhile ? cautionsOf(variantOf(meanwhile, undefined, at.position)) : []),
    ]),
  ];
  return (
    <div className={styles.inspector}>
      <div className={styles.kicker}>
        Step {index + 1} · {move.kind}
      </div>
      <h2>{move.name}</h2>
      <p className="muted small">
        {move.kind === 'pause' ? move.purpose : move.muscles.join(', ') || move.areas.join(', ')}
        {move.kind !== 'pause' && at.position !== 'back' && ` · ${placeWord(at.position)}`}
      </p>
      <StepFindings store={store} timed={timed} stepId={step.id} fix={fix} />
      {move.kind !== 'pause' && (
        <div className={styles.figures}>
          <div>
            <MovingFigure
              move={move}
              rung={step.rung}
              position={at.position}
              width={two ? 122 : 150}
              side="left"
            />
            {two && <span className="left small">left</span>}
          </div>
          {two && (
            <div>
              <MovingFigure move={move} rung={step.rung} position={at.position} width={122} side="right" />
              <span className="right small">right</span>
            </div>
          )}
        </div>
      )}
      {move.kind !== 'pause' && (
        <Button size="small" icon={<Shuffle size={14} />} onClick={swap} className={styles.swap}>
          Another move instead
        </Button>
      )}
      {move.rungs.length > 1 && <RungField step={step} move={move} change={change} />}
      {!move.onlyWords && <DoseFields step={step} move={move} whole={brk.wholeBreaths} change={change} />}
      {!move.onlyWords && (
        <MoreDose step={step} move={move} pace={brk.pace} chained={chain !== undefined} change={change} />
      )}
      <PositionField step={step} move={move} change={change} />
      {chain && <ChainFields store={store} chain={chain} />}
      {(two || move.ways.directions) && (
        <SideFields step={step} move={move} brk={brk} chained={chain !== undefined} change={change} />
      )}
      <FitFields step={step} words={move.onlyWords} change={change} />
      {brk.groupId && (
        <StepNeeds groupId={brk.groupId} step={step} move={move} meanwhile={meanwhile} lookup={lookup} />
      )}
      <OwnWords key={step.id} at={at} change={change} />
      <Words parts={timed.timeline.parts.filter((p) => p.stepId === step.id)} />
      <WorkingText parts={parts} chained={chain !== undefined} />
      <UsedElsewhere move={move} breakId={brk.id} />
      {cautions.length > 0 && (
        <div className={styles.cautions}>
          <h3>Take care</h3>
          {cautions.map((c) => (
            <p key={c} className="small">
              {c}
            </p>
          ))}
        </div>
      )}
    </div>
  );
});
