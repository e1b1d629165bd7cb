import type { Answer, Group, Kept, Person, Week } from '@kotabi/core/model';
import { frameOf } from '@kotabi/core/schedule';
import { bestRule, type RuleOutcome, SimSettings } from '@kotabi/core/simulate';
import { Button, Checkbox } from 'antd';
import dayjs from 'dayjs';
import { useEffect, useMemo, useState } from 'react';
import { Link, Navigate } from 'react-router';
import { useAnswers, useWeek } from '../../api/queries';
import { NumberField } from '../../fields/NumberField';
import { NotHere } from '../../shell/NotHere';
import { Empty, Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import { SimForm } from '../../week/SimForm';
import { skipOfGroup, usualLongRun } from '../../week/sim-usual';
import { usePlace } from '../../week/usePlace';
import styles from '../../week/week.module.css';
import { compareAway } from '../../workers';
import { useAway } from '../../workers/useAway';
import look from './compare.module.css';
import { RulesChart } from './RulesChart';
import { ruleChoices, ruleDays } from './rule-choices';
import { TakeRule } from './TakeRule';

const percent = (share: number): string => `${Math.round(share * 100)} %`;
const LETTERS = 'ABCDEFGHIJKL';
/** Weeks that each rule is played; ten rules take a second or two. */
const WEEKS = 500;

/** Several rules side by side on one week: what they cost in minutes and what they leave in long runs. */
export const CompareScreen = () => {
  useTitle('Compare rules');
  const { groups, group, people, person, monday, instead, nowhere } = usePlace();
  const week = useWeek(group?.id ?? '', person?.id ?? null, monday);
  const answers = useAnswers();
  if (!groups.data) return <Waiting error={groups.error} retry={() => void groups.refetch()} />;
  if (nowhere) return <NotHere />;
  if (instead || !group) return <Navigate to={instead ?? '/week'} replace />;
  // The log sets how often people skip: playing the rules without it would be thrown away a moment later.
  if (week.data === undefined || !people.data || !answers.data)
    return <Waiting error={week.error ?? people.error ?? answers.error} retry={() => void week.refetch()} />;
  const back = `/week/${group.id}/${monday}${person ? `?person=${person.id}` : ''}`;
  if (week.data === null)
    return (
      <div className="page">
        <Empty title="Nothing planned yet" action={<Link to={back}>Plan the week</Link>}>
          Rules are compared on the meetings of a week; plan it first.
        </Empty>
      </div>
    );
  return (
    <Comparison
      group={group}
      person={person}
      kept={week.data}
      people={people.data.length}
      answers={answers.data}
      back={back}
    />
  );
};

interface Props {
  group: Group;
  person: Person | null;
  kept: Kept<Week>;
  people: number;
  answers: readonly Answer[];
  back: string;
}

/** What most people are ready to give, minutes a day. Common practice, no source. */
const USUAL_MINUTES = 20;

const Comparison = ({ group, person, kept, people, answers, back }: Props) => {
  const week = kept.value;
  const log = useMemo(() => skipOfGroup(answers, group.id), [answers, group.id]);
  const choices = useMemo(() => ruleChoices(week), [week]);
  const [chosen, setChosen] = useState<string[]>(choices.slice(0, 7).map((c) => c.id));
  const [own, setOwn] = useState<SimSettings | null>(null);
  const settings = useMemo(
    () =>
      own ??
      SimSettings.parse({
        weeks: WEEKS,
        people: Math.max(1, person ? 1 : people),
        ...(log.chance !== null && { skip: Number(log.chance.toFixed(2)) }),
      }),
    [own, people, person, log.chance],
  );
  const [share, setShare] = useState(0);
  const { result, busy, failure, run, cancel } = useAway<RuleOutcome[]>();
  const [longRunMin, setLongRun] = useState(usualLongRun(week.rule.limitMin));
  useEffect(() => {
    const frame = frameOf(group, person);
    const rules = choices.filter((c) => chosen.includes(c.id)).map((c) => ruleDays(c, week, frame));
    setShare(0);
    if (rules.length > 0) void run((signal) => compareAway(rules, settings, longRunMin, setShare, signal));
  }, [choices, chosen, settings, longRunMin, week, group, person, run]);
  const [mostMin, setMost] = useState(week.rule.maxMinutes ?? USUAL_MINUTES);
  const best = bestRule(result ?? [], mostMin);
  const outcomes = (result ?? []).map((o, i) => ({ ...o, letter: LETTERS[i] ?? '·' }));

  return (
    <div className={styles.screen}>
      <div className="bar">
        <h1>Compare rules</h1>
        <span className="muted">
          {person?.name ?? group.name}, week of {dayjs(week.startDate).format('D MMMM YYYY')}
        </span>
        <span className="grow" />
        <Link to={back}>Back to the week</Link>
      </div>
      <div className={styles.columns}>
        <section className={`card ${styles.comparison}`} aria-label="Rules compared" aria-busy={busy}>
          {busy && (
            <div className="bar">
              <span className="muted" role="status">
                Playing each rule {settings.weeks.toLocaleString('en')} weeks … {percent(share)}
              </span>
              <Button size="small" onClick={cancel}>
                Cancel
              </Button>
            </div>
          )}
          {failure && <p className={styles.overText}>{failure}</p>}
          {outcomes.length > 0 && (
            <>
              <div className={look.best}>
                <NumberField
                  name="Most minutes of breaks a day"
                  className={look.most}
                  min={1}
                  max={240}
                  unit="min a day"
                  value={mostMin}
                  change={setMost}
                />
                <p>
                  {best ? (
                    <>
                      For at most {mostMin} min of breaks a day, <b>{best.name}</b> leaves the fewest days
                      with a run over {longRunMin} min: {percent(best.longRun)} of real days, for{' '}
                      {best.minutesADay.toFixed(0)} min.
                    </>
                  ) : (
                    `None of these rules takes ${mostMin} min a day or less.`
                  )}
                </p>
                {best && (
                  <TakeRule week={kept} rule={choices.find((c) => c.name === best.name)?.rule} back={back} />
                )}
              </div>
              <RulesChart outcomes={outcomes} limitMin={longRunMin} />
              <table className={look.outcomes}>
                <thead>
                  <tr>
                    <th scope="col" />
                    <th scope="col">Rule</th>
                    <th scope="col">Breaks a day</th>
                    <th scope="col">In breaks</th>
                    <th scope="col">Longest run as planned</th>
                    <th scope="col">Over {longRunMin} min</th>
                    <th scope="col">Longest, middling day</th>
                    <th scope="col">Longest, one day in ten</th>
                    <th scope="col">Done a day</th>
                  </tr>
                </thead>
                <tbody>
                  {outcomes.map((o) => (
                    <tr key={o.name}>
                      <td>
                        <b>{o.letter}</b>
                      </td>
                      <td>
                        {o.name}
                        {o.failed > 0 && (
                          <span className={`small ${styles.overText}`}>
                            {' '}
                            not possible on {o.failed} day{o.failed === 1 ? '' : 's'}
                          </span>
                        )}
                      </td>
                      <td>{o.breaksADay.toFixed(1)}</td>
                      <td>{o.minutesADay.toFixed(0)} min</td>
                      <td>{o.longestRunMin} min</td>
                      <td>
                        <b>{percent(o.longRun)}</b>
                      </td>
                      <td>{o.middleMin} min</td>
                      <td>{o.worstTenthMin} min</td>
                      <td>{o.doneADay.toFixed(1)}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </>
          )}
          {chosen.length === 0 && <p>Choose at least one rule.</p>}
        </section>
        <aside className={`card ${styles.panel}`} aria-label="What is compared">
          <section className={styles.cardPart}>
            <h2>Rules</h2>
            <Checkbox.Group
              value={chosen}
              options={choices.map((c) => ({ value: c.id, label: c.name }))}
              onChange={(ids) => setChosen(ids)}
              style={{ display: 'flex', flexDirection: 'column', gap: 4 }}
            />
          </section>
          <section className={styles.cardPart}>
            <h2>Real weeks</h2>
            <SimForm
              settings={settings}
              set={setOwn}
              log={log}
              longRunMin={longRunMin}
              setLongRun={setLongRun}
            />
            <p className="muted small">
              {settings.weeks.toLocaleString('en')} weeks each, of {settings.people}{' '}
              {settings.people === 1 ? 'person' : 'people'}. Every rule is planned on the same meetings, as
              well as it can be; what is set by hand does not count here.
            </p>
          </section>
        </aside>
      </div>
    </div>
  );
};
