import dayjs from 'dayjs';
import { useTrends } from '../../api/queries';
import { betweenText, shareText, tensionWords } from '../../words/trends';

export interface Days {
  from: string;
  until: string;
}
type Shown = NonNullable<ReturnType<typeof useTrends>['data']>;

const dates = ({ from, until }: Days): string =>
  `${dayjs(from).format('D MMM')} – ${dayjs(until).format('D MMM YYYY')}`;
const weeksOf = ({ from, until }: Days): number => (dayjs(until).diff(dayjs(from), 'day') + 1) / 7;
const overlap = (a: Days, b: Days): boolean => a.from <= b.until && b.from <= a.until;

const held = (t: Shown, side: 'left' | 'right'): number =>
  t.seconds.reduce((sum, a) => sum + a.weeks.reduce((s, w) => s + w.done[side], 0), 0);

/** Two spans side by side; sums by the week, since one may be longer than the other. */
export const Compared = ({
  groupId,
  personId,
  other,
  these,
  now,
}: {
  groupId: string;
  personId: string | null;
  other: Days;
  these: Days;
  now: Shown;
}) => {
  const { data } = useTrends(groupId, personId, other);
  if (!data) return <p className="muted">One moment …</p>;
  const row = (name: string, of: (t: Shown, days: Days) => string) => (
    <tr>
      <th scope="row">{name}</th>
      <td>{of(data, other)}</td>
      <td>{of(now, these)}</td>
    </tr>
  );
  const aWeek = (t: Shown, days: Days, side: 'left' | 'right'): string =>
    `${Math.round(held(t, side) / weeksOf(days))} s`;
  return (
    <>
      <table className="list" style={{ tableLayout: 'fixed' }}>
        <thead>
          <tr>
            <th scope="col" aria-label="what" style={{ width: '22%' }} />
            <th scope="col">{dates(other)}</th>
            <th scope="col">{dates(these)}</th>
          </tr>
        </thead>
        <tbody>
          {row('Records', (t) => String(t.records))}
          {row('Done of planned', (t) => (t.done.whole.share ? shareText(t.done.whole.share) : 'not known'))}
          {row('Tension', (t) => (t.tension[0] ? tensionWords(t.tension[0]) : 'not asked'))}
          {row(
            'Held a week, left · right',
            (t, days) => `${aWeek(t, days, 'left')} · ${aWeek(t, days, 'right')}`,
          )}
        </tbody>
      </table>
      <p className="muted small">
        {overlap(other, these)
          ? 'The two share days, whose records count in both: choose days apart to see whether they differ.'
          : betweenText(data.done.whole.share, now.done.whole.share)}
      </p>
    </>
  );
};
