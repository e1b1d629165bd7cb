import { type MonthWeek, weekWords } from '@kotabi/core/report';
import dayjs from 'dayjs';
import styles from './trends.module.css';

/** The weeks of a month, a row each: breaks done of planned, and the mean tension before and after them. */
export const MonthWeeks = ({ weeks }: { weeks: readonly MonthWeek[] }) =>
  weeks.length === 0 ? null : (
    <section aria-label="Week by week" className={styles.monthWeeks}>
      <h2>Week by week</h2>
      <table className={`list ${styles.doneTable}`}>
        <thead>
          <tr>
            <th scope="col">From</th>
            <th scope="col" colSpan={2}>
              Planned breaks done
            </th>
            <th scope="col">Tension, 0–10</th>
          </tr>
        </thead>
        <tbody>
          {weeks.map((week) => {
            const words = weekWords(week);
            return (
              <tr key={week.from}>
                <th scope="row">{dayjs(week.from).format('D MMMM')}</th>
                <td className="tabular">{words.done}</td>
                <td className={styles.barCell}>
                  {week.of > 0 && (
                    <svg
                      viewBox="0 0 100 14"
                      preserveAspectRatio="none"
                      aria-hidden="true"
                      className={styles.share}
                    >
                      <rect width="100" height="14" className={styles.track} />
                      <rect width={(100 * week.done) / week.of} height="14" className={styles.filled} />
                    </svg>
                  )}
                </td>
                <td className="tabular">{words.tension}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
