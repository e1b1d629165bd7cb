import { imbalance, type Totals as Sums } from '@kotabi/core/timing';
import { minSec, seconds } from '../../words/time';

/** What each side really feels, and whether that is even. */
export const Totals = ({ totals }: { totals: Sums }) => {
  const { leftMs, rightMs, bothMs } = totals;
  const by = leftMs - rightMs;
  const balance =
    by === 0
      ? 'even'
      : `${by < 0 ? 'left' : 'right'} gets ${seconds(Math.abs(by))} less (${Math.round(imbalance(totals) * 100)} %)`;
  return (
    <span className="tabular" title="Work only, counted on the side that feels it">
      <span className="left">Left {minSec(leftMs)}</span> &nbsp;
      <span className="right">Right {minSec(rightMs)}</span> &nbsp;
      {leftMs + rightMs > 0 && <span className={by === 0 ? 'muted' : ''}>{balance}</span>}
      <span className="muted"> · together {minSec(bothMs)}</span>
    </span>
  );
};
