import { placedSteps, timed } from '@kotabi/core/timing';
import { useParams } from 'react-router';
import { useBreak, useMoves } from '../../api/queries';
import { Script } from '../../sheet/Script';
import { Empty, Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import { minSec } from '../../words/time';
import { Paper } from './Paper';
import styles from './print.module.css';

/** A break as a script on paper: all that is said, when, and on which side. */
export const ScriptScreen = () => {
  const { breakId = '' } = useParams();
  const kept = useBreak(breakId);
  const moves = useMoves();
  useTitle(kept.data ? `Script of ${kept.data.value.name}` : 'Script');
  if (!kept.data || !moves.data)
    return <Waiting error={kept.error ?? moves.error} retry={() => void kept.refetch()} />;
  const { value } = kept.data;
  const t = timed(value, moves.lookup, moves.approach);
  if (!t.ok)
    return (
      <div className="page">
        <Empty title="Nothing to print" action={null}>
          This break uses a move that is not here.
        </Empty>
      </div>
    );
  return (
    <Paper
      title={value.name}
      about={
        <>
          {minSec(t.timeline.totals.totalMs)} of {minSec(value.slotSec * 1000)} min ·{' '}
          {value.pace.breathsPerMinute} breaths a minute
        </>
      }
    >
      <div className={styles.script}>
        <Script steps={placedSteps(t.resolved)} timeline={t.timeline} />
      </div>
    </Paper>
  );
};
