import { heldBreaks, kindOf, plannedBreaks } from '@kotabi/core/schedule';
import dayjs from 'dayjs';
import { useBreaks, useWeek } from '../../api/queries';
import { NotHere } from '../../shell/NotHere';
import { Empty, Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import { usePlace } from '../../week/usePlace';
import { clock, together } from '../../words/time';
import { frequencyText } from '../../words/week';
import { BreaksOnPaper } from './BreaksOnPaper';
import { Paper } from './Paper';
import styles from './print.module.css';

/** A week on one page of paper: when, how long, which break. */
export const PrintScreen = () => {
  useTitle('Week to print');
  const { groups, group, people, person, monday, nowhere } = usePlace();
  const week = useWeek(group?.id ?? '', person?.id ?? null, monday);
  const breaks = useBreaks();
  if (nowhere) return <NotHere />;
  if (!groups.data || !people.data || week.data === undefined || !breaks.data)
    return <Waiting error={groups.error ?? week.error ?? breaks.error} retry={() => void week.refetch()} />;
  if (!group || week.data === null)
    return (
      <div className="page">
        <Empty title="Nothing to print" action={null}>
          This week has not been planned.
        </Empty>
      </div>
    );
  const { value } = week.data;
  const chosen = [...new Set(plannedBreaks(value).flatMap((b) => b.breakId ?? []))].flatMap(
    (id) => breaks.data.find((b) => b.value.id === id)?.value ?? [],
  );
  // What the plan keeps free is said once where it is the same for all of them: the breaks below say what they take of it.
  const lengths = new Set(plannedBreaks(value).map((b) => kindOf(value.rule, b).lengthMin));
  const [kept] = lengths.size === 1 ? lengths : [];
  const nameOf = (id: string | null): string =>
    breaks.data.find((b) => b.value.id === id)?.value.name ?? 'stretch break';
  return (
    <Paper
      title="Stretch breaks"
      about={
        <>
          {person ? `${person.name}, ${group.name}` : group.name} · week of{' '}
          {dayjs(monday).format('D MMMM YYYY')} · {frequencyText(value.rule.frequency)} ·{' '}
          {plannedBreaks(value).length} breaks{kept !== undefined && `, ${kept} min kept free for each`}
        </>
      }
    >
      <div className={styles.days}>
        {value.days.map((day) => (
          <section key={day.date}>
            <h2>{dayjs(day.date).format('dddd D')}</h2>
            {day.off !== undefined ? (
              <p>{day.off}</p>
            ) : (
              <ol>
                {heldBreaks(day).map((b) => (
                  <li key={b.id}>
                    <b>{clock(b.startMin % 1440)}</b> {b.led && <i>led · </i>}
                    {nameOf(b.breakId)}
                    {kept === undefined && <span> {together(`${kindOf(value.rule, b).lengthMin} min`)}</span>}
                  </li>
                ))}
                {heldBreaks(day).length === 0 && <li>no break</li>}
              </ol>
            )}
          </section>
        ))}
      </div>
      <BreaksOnPaper breaks={chosen} />
    </Paper>
  );
};
