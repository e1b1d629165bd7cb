import { isTwoWay, type Meanwhile, type Move, type Step } from '@kotabi/core/model';
import { Select } from 'antd';
import { useId } from 'react';
import { useMoves } from '../../../api/queries';
import { NumberField } from '../../../fields/NumberField';
import type { Change } from '../useActions';

interface Props {
  step: Step;
  move: Move;
  change: Change;
}

const MOVES: readonly Move['kind'][] = ['mobilise', 'activate', 'release'];
const DEFAULT_TIMES = 10;

/** What may be done beside a move: something that moves, elsewhere on the body, in the same place. */
const beside = (move: Move, step: Step) => {
  const place = step.position ?? move.position;
  return (m: Move): boolean =>
    MOVES.includes(m.kind) &&
    m.region !== move.region &&
    m.things.length === 0 &&
    (m.position === place || m.alsoIn.includes(place));
};

/** A second movement while the step is held: which, how many times, and on which side. */
export const MeanwhileFields = ({ step, move, change }: Props) => {
  const id = useId();
  const { moves, shelf } = useMoves();
  const { meanwhile } = step;
  const second = meanwhile && shelf.lookup(meanwhile.moveId);
  const set = (label: string, next: Partial<Meanwhile>, key?: string): void =>
    change(
      label,
      (s) => {
        if (s.meanwhile) s.meanwhile = { ...s.meanwhile, ...next };
      },
      key,
    );
  const fitting = moves.filter(beside(move, step));
  const options = [...(second && !fitting.includes(second) ? [second] : []), ...fitting];
  return (
    <>
      <label htmlFor={id}>At the same time</label>
      <Select
        id={id}
        allowClear
        showSearch={{ optionFilterProp: 'label' }}
        placeholder="nothing else"
        value={meanwhile?.moveId}
        options={options.map((m) => ({ value: m.id, label: m.name }))}
        onChange={(moveId: string | undefined) =>
          change('what is done meanwhile', (s) => {
            if (moveId === undefined) delete s.meanwhile;
            else s.meanwhile = { times: DEFAULT_TIMES, side: 'other', ...s.meanwhile, moveId };
          })
        }
      />
      {meanwhile && (
        <>
          <label htmlFor={`${id}-times`}>How often</label>
          <NumberField
            id={`${id}-times`}
            name="How often"
            labelled
            min={1}
            max={40}
            step={1}
            precision={0}
            unit="times"
            value={meanwhile.times}
            change={(times) => set('how often meanwhile', { times }, 'meanwhile times')}
          />
          {second && isTwoWay(move) && isTwoWay(second) && (
            <>
              <label htmlFor={`${id}-side`}>On which side</label>
              <Select
                id={`${id}-side`}
                value={meanwhile.side}
                options={[
                  { value: 'other' as const, label: 'the other side' },
                  { value: 'same' as const, label: 'the same side' },
                ]}
                onChange={(side) => set('side of what is done meanwhile', { side })}
              />
            </>
          )}
        </>
      )}
    </>
  );
};
