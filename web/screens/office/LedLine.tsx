import { addDays } from '@kotabi/core/schedule';
import dayjs from 'dayjs';
import { Link } from 'react-router';
import { inOneLine, type OfficeRow } from '../../week/office-row';
import { spanText } from '../../words/week';
import { LedAddress } from './LedAddress';
import styles from './office.module.css';

/** Everything the instructor leads in a week, day by day, with the way from one place to the next. */
export const LedLine = ({ rows, monday }: { rows: readonly OfficeRow[]; monday: string }) => {
  const all = inOneLine(rows);
  const days = Array.from({ length: 7 }, (_, n) => addDays(monday, n)).filter(
    (d, n) => n < 5 || all.some((l) => l.date === d),
  );
  return (
    <section className={`card ${styles.led}`} aria-label="What you lead in this week">
      <div className="bar">
        <h2>What you lead in this week</h2>
        <span className="grow" />
        <LedAddress />
      </div>
      {all.length === 0 ? (
        <p className="muted">
          No led session is planned. Open a week and choose “Led sessions”: the times are found at which most
          can come.
        </p>
      ) : (
        <ol className={styles.days}>
          {days.map((date) => (
            <li key={date}>
              <b>{dayjs(date).format('ddd D')}</b>
              {all
                .filter((l) => l.date === date)
                .map((l) => (
                  <div key={`${l.groupId}${l.startMin}`}>
                    {l.moves && <span className={styles.way}>{l.afterMin} min to get there</span>}
                    <Link to={`/week/${l.groupId}/${monday}`}>
                      <span className="tabular">{spanText(l)}</span>
                      {l.name}
                    </Link>
                    {l.site && <span className="muted small">{l.site}</span>}
                  </div>
                ))}
            </li>
          ))}
        </ol>
      )}
    </section>
  );
};
