import { type Move, moveIdsOf } from '@kotabi/core/model';
import { Link } from 'react-router';
import { useBreaks } from '../../../api/queries';
import styles from './inspector.module.css';

/** The other breaks that have this move. Silent when there are none. */
export const UsedElsewhere = ({ move, breakId }: { move: Move; breakId: string }) => {
  const others = (useBreaks().data ?? []).filter(
    (b) => b.value.id !== breakId && moveIdsOf(b.value).includes(move.id),
  );
  if (others.length === 0) return null;
  return (
    <div className={`${styles.cautions} ${styles.used}`}>
      <h3>Used in</h3>
      {others.map((b) => (
        <p key={b.value.id} className="small">
          <Link to={`/breaks/${b.value.id}`}>{b.value.name}</Link>
        </p>
      ))}
    </div>
  );
};
