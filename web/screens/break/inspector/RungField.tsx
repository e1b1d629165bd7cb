import { type Move, rungOf, rungsIn, type Step } from '@kotabi/core/model';
import { Select } from 'antd';
import type { Change } from '../useActions';
import styles from './inspector.module.css';

/** Which rung of the move is done, from the easiest to the strongest. */
export const RungField = ({ step, move, change }: { step: Step; move: Move; change: Change }) => {
  const here = rungsIn(move, step.position ?? move.position);
  const now = rungOf(move, step.rung);
  const usual = rungOf(move)?.name;
  return (
    <div className={styles.rung}>
      <label htmlFor="rung">Rung</label>
      <Select
        id="rung"
        className={styles.twoLines}
        value={now?.name}
        options={here.map((r, i) => ({
          value: r.name,
          label: `${i + 1} · ${r.name}${r.name === usual ? ' (usual)' : ''}`,
        }))}
        onChange={(name) =>
          change('choose the rung', (s) => {
            if (name === usual) s.rung = undefined;
            else s.rung = name;
          })
        }
      />
      <span className="muted small">{now?.how}</span>
    </div>
  );
};
