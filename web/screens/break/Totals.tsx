import { imbalance, type Totals as Sums } from '@kotabi/core/timing';
import { minSec, seconds } from '../../words/time';
import styles from './break.module.css';

/** What each side really feels, and whether that is even. */
export const Totals = ({ totals }: { totals: Sums }) => {
  const { leftMs, rightMs, bothMs } = totals;
  const by = leftMs - rightMs;
  const balance = by === 0 ? 'even' : `${by < 0 ? 'left' : 'right'} ${seconds(Math.abs(by))} less`;
  const share =
    by === 0 ? '' : ` The difference is ${Math.round(imbalance(totals) * 100)} % of the larger side.`;
  return (
    <span className="tabular" title={`Work only, counted on the side that feels it.${share}`}>
      <span className="left">Left {minSec(leftMs)}</span> &nbsp;
      <span className="right">Right {minSec(rightMs)}</span> &nbsp;
      {leftMs + rightMs > 0 && <span className={by === 0 ? 'muted' : ''}>{balance}</span>}
      <span className={`muted ${styles.together}`}>
        {leftMs + rightMs > 0 && ' · '}together {minSec(bothMs)}
      </span>
    </span>
  );
};
