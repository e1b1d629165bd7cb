import { placeWord } from '@kotabi/core/cues';
import { placeStep } from '@kotabi/core/edit';
import type { Move, Step } from '@kotabi/core/model';
import { Select } from 'antd';
import type { Change } from '../useActions';
import styles from './inspector.module.css';

/** Where the step is done, for moves that can be done in more than one place. */
export const PositionField = ({ step, move, change }: { step: Step; move: Move; change: Change }) => {
  const places = [...new Set([move.position, ...move.alsoIn])];
  if (places.length < 2 || move.kind === 'pause') return null;
  return (
    <div className={styles.fields}>
      <label htmlFor="position">Position</label>
      <Select
        id="position"
        value={step.position ?? move.position}
        options={places.map((p) => ({ value: p, label: placeWord(p) }))}
        onChange={(position) =>
          change('change the position', (s) => {
            placeStep(s, move, position);
          })
        }
      />
    </div>
  );
};
