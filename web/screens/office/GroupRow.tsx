import type { Answer, LogRow } from '@kotabi/core/model';
import { Checkbox } from 'antd';
import dayjs from 'dayjs';
import { Link } from 'react-router';
import { isLongAgo, lastBreak } from '../../week/last-break';
import type { OfficeRow } from '../../week/office-row';
import { missedText } from '../../words/missed';
import { stateText } from '../../words/today';
import { placeText } from '../../words/week';
import styles from './office.module.css';

interface Props {
  row: OfficeRow;
  monday: string;
  log: readonly LogRow[];
  answers: readonly Answer[];
  marked: boolean;
  mark: (on: boolean) => void;
}

/** A group's week in a line: what waits and what is long stands out, the rest is quiet. */
export const GroupRow = ({ row, monday, log, answers, marked, mark }: Props) => {
  const { group } = row;
  const last = lastBreak(group.id, log, answers);
  const today = dayjs().format('YYYY-MM-DD');
  const waits = row.state === 'draft' || row.state === 'changed';
  return (
    <tr>
      <td>
        <Checkbox aria-label={group.name} checked={marked} onChange={(e) => mark(e.target.checked)} />
      </td>
      <th scope="row">
        <Link to={`/week/${group.id}/${monday}`}>{group.name}</Link>
        <span className={waits ? styles.waits : 'muted small'}>{stateText(row)}</span>
        {row.place && <span className="muted small">{placeText(row.place)}</span>}
      </th>
      <td>
        {row.planned === 0 ? (
          <span className="muted">none</span>
        ) : (
          <>
            {row.planned}
            {row.open > 0 && <span className={styles.waits}>{row.open} without a break</span>}
          </>
        )}
      </td>
      <td>
        {row.planned === 0 ? (
          <span className="muted">–</span>
        ) : (
          <>
            {row.longestMin} min
            {row.overMin > 0 && <span className={styles.over}>{row.overMin} min over the limit</span>}
          </>
        )}
      </td>
      <td>{missedText(row)}</td>
      <td>
        {last === null ? (
          <span className={styles.waits}>none yet</span>
        ) : (
          <span className={isLongAgo(last, today) ? styles.waits : undefined}>
            {dayjs(last).format('ddd D MMM')}
          </span>
        )}
      </td>
    </tr>
  );
};
