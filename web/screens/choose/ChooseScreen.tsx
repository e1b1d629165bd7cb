import { stepsOf } from '@kotabi/core/model';
import { timed } from '@kotabi/core/timing';
import { Link } from 'react-router';
import { useBreaks, useMoves } from '../../api/queries';
import { leadAddress } from '../../lead/place';
import { interruptedNow } from '../../lead/under-way';
import { MiniSpine } from '../../sheet/MiniSpine';
import { Empty, Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import { minSec } from '../../words/time';
import styles from './choose.module.css';

/** Which break to lead now. */
export const ChooseScreen = () => {
  useTitle('Lead');
  const breaks = useBreaks();
  const moves = useMoves();
  if (!breaks.data || !moves.data)
    return <Waiting error={breaks.error ?? moves.error} retry={() => void breaks.refetch()} />;
  const interrupted = interruptedNow(Date.now())?.session;
  const ready = breaks.data.filter((b) => b.value.items.length > 0);
  return (
    <div className="page">
      <h1>Lead which break?</h1>
      {interrupted?.breakId && (
        <p className={`card ${styles.interrupted}`}>
          You were in the middle of “{interrupted.breakName}”.{' '}
          <a
            href={leadAddress({
              breakId: interrupted.breakId,
              groupId: interrupted.groupId,
              from: null,
            })}
          >
            Go on with it
          </a>
        </p>
      )}
      {ready.length === 0 && (
        <Empty title="Nothing to lead yet" action={<Link to="/breaks">Make a break</Link>}>
          A break needs at least one step.
        </Empty>
      )}
      <ul className={styles.list}>
        {ready.map(({ value }) => {
          const t = timed(value, moves.lookup, moves.approach);
          if (!t.ok) return null;
          const count = stepsOf(value).length;
          return (
            <li key={value.id}>
              <a href={`/lead/${value.id}`} className={`card ${styles.choice}`}>
                <MiniSpine parts={t.timeline.parts} />
                <span>
                  <b>{value.name}</b>
                  <span className="tabular">
                    {minSec(t.timeline.totals.totalMs)} min · {count} step{count === 1 ? '' : 's'}
                  </span>
                  {t.timeline.totals.leftMs + t.timeline.totals.rightMs > 0 && (
                    <span className="muted small">{value.firstSide} side first</span>
                  )}
                </span>
              </a>
            </li>
          );
        })}
      </ul>
    </div>
  );
};
