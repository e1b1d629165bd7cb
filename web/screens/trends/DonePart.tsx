import type { DoneOf, DoneShare } from '@kotabi/core/trends';
import { shareText } from '../../words/trends';
import { DAY_NAMES } from '../people/people-words';
import styles from './trends.module.css';

const two = (n: number): string => String(n).padStart(2, '0');

const Row = ({ name, share }: { name: string; share: DoneShare<unknown> }) => {
  const e = share.share;
  if (!e) return null;
  const at = (n: number): string => `${100 * n}%`;
  return (
    <tr>
      <th scope="row">{name}</th>
      <td className="tabular">
        {share.done} of {share.of}
      </td>
      <td className={styles.barCell}>
        <svg viewBox="0 0 100 14" preserveAspectRatio="none" aria-hidden="true" className={styles.share}>
          <rect width="100" height="14" className={styles.track} />
          <rect width={100 * e.value} height="14" className={styles.filled} />
        </svg>
        {e.low !== null && e.high !== null && (
          <span className={styles.doubt} style={{ left: at(e.low), width: at(e.high - e.low) }} />
        )}
      </td>
      <td className="small muted">{shareText(e)}</td>
    </tr>
  );
};

/** Breaks done of planned, by weekday, hour and length, with how sure each share is. */
export const DonePart = ({ done }: { done: DoneOf }) => (
  <section className={`card ${styles.part}`} aria-label="Done of planned">
    <h2>Done of planned</h2>
    {done.whole.share ? (
      <>
        <p>
          {done.whole.done} of {done.whole.of} planned breaks were done: {shareText(done.whole.share)}.
        </p>
        <p className="muted small">
          Counted: breaks that were to be led, and those to which somebody answered. Line: where the share
          lies, 95 % (Wilson’s method).
        </p>
        <table className={`list ${styles.doneTable}`}>
          <tbody>
            {done.byHour.map((s) => (
              <Row key={`h${s.key}`} name={`${two(s.key)}:00`} share={s} />
            ))}
          </tbody>
          <tbody>
            {done.byWeekday.map((s) => (
              <Row key={`d${s.key}`} name={DAY_NAMES[s.key - 1] ?? ''} share={s} />
            ))}
          </tbody>
          <tbody>
            {done.byLength.map((s) => (
              <Row key={`l${s.key}`} name={`${s.key} min`} share={s} />
            ))}
          </tbody>
        </table>
      </>
    ) : (
      <p>Of no planned break in these days is it known what became of it.</p>
    )}
  </section>
);
