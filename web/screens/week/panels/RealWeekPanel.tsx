import type { Area, Minutes } from '@kotabi/core/model';
import { meanOf, quantile, type SimResult, SimSettings } from '@kotabi/core/simulate';
import { Button } from 'antd';
import { useEffect, useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useAnswers } from '../../../api/queries';
import { SimForm } from '../../../week/SimForm';
import { skipOfGroup, usualLongRun } from '../../../week/sim-usual';
import type { BreakFacts, DayFacts } from '../../../week/useFacts';
import { useSimInput } from '../../../week/useSimInput';
import styles from '../../../week/week.module.css';
import { simulateAway } from '../../../workers';
import { useAway } from '../../../workers/useAway';
import { RunChart } from './RunChart';

interface Props {
  groupId: string;
  days: readonly DayFacts[];
  facts: ReadonlyMap<string, BreakFacts>;
  aims: readonly Area[];
  limitMin: Minutes;
  people: number;
  planned: { longestRunMin: Minutes };
  compareTo: string;
}

const percent = (share: number): string => `${Math.round(share * 100)} %`;
/** The aims that are missed most often are named, so many of them. */
const NAMED = 4;

/** What real weeks do to the plan: played many times in a worker, anew whenever the plan or the settings change. */
export const RealWeekPanel = (p: Props) => {
  const answers = useAnswers();
  const log = useMemo(() => skipOfGroup(answers.data ?? [], p.groupId), [answers.data, p.groupId]);
  const [own, setOwn] = useState<SimSettings | null>(null);
  const settings = useMemo(
    () =>
      own ??
      SimSettings.parse({
        people: Math.max(1, p.people),
        ...(log.chance !== null && { skip: Number(log.chance.toFixed(2)) }),
      }),
    [own, p.people, log.chance],
  );
  const [longRunMin, setLongRun] = useState(usualLongRun(p.limitMin));
  const { input, targets } = useSimInput(p.days, p.facts, p.aims, longRunMin);
  const [share, setShare] = useState(0);
  const { result, busy, failure, run, cancel } = useAway<SimResult>();
  useEffect(() => {
    setShare(0);
    void run((signal) => simulateAway(input, settings, setShare, signal));
  }, [input, settings, run]);

  return (
    <section className={styles.cardPart} aria-label="Real week" aria-busy={busy}>
      <h2>On a real week</h2>
      <SimForm settings={settings} set={setOwn} log={log} longRunMin={longRunMin} setLongRun={setLongRun} />
      {failure && <p className={styles.overText}>{failure}</p>}
      {busy && (
        <div className="bar">
          <span className="muted small">
            Playing {settings.weeks.toLocaleString('en')} weeks … {percent(share)}
          </span>
          <Button size="small" onClick={cancel}>
            Cancel
          </Button>
        </div>
      )}
      {result && (
        <>
          <RunChart longest={result.longest} limitMin={longRunMin} />
          <p>
            The longest run stays within {longRunMin} min on <b>{percent(result.underLimit)}</b> of days
            (planned: {p.planned.longestRunMin} min). On a middling day the longest is{' '}
            {quantile(result.longest, 0.5)} min, on one day in ten {quantile(result.longest, 0.9)} min or
            more.
          </p>
          <p>
            A person does <b>{meanOf(result.done).toFixed(1)}</b> of {result.planned} breaks a week;{' '}
            {result.missed < 0.005
              ? 'hardly any falls out because a meeting overran.'
              : `${percent(result.missed)} fall out because a meeting overran.`}
          </p>
          {targets.length > 0 && <Reached result={result} targets={targets} />}
          <p className="muted small">
            {result.weeks.toLocaleString('en')} weeks of {result.people}{' '}
            {result.people === 1 ? 'person' : 'people'}, seed {settings.seed}.
          </p>
        </>
      )}
      <Link to={p.compareTo}>Compare rules</Link>
    </section>
  );
};

const Reached = ({
  result,
  targets,
}: {
  result: SimResult;
  targets: ReturnType<typeof useSimInput>['targets'];
}) => {
  const all = targets.map((t, i) => ({ ...t, share: result.reached[i] ?? 0 }));
  const mean = all.reduce((sum, t) => sum + t.share, 0) / all.length;
  const least = [...all].sort((a, b) => a.share - b.share).slice(0, NAMED);
  return (
    <p>
      The aims are reached in <b>{percent(mean)}</b> of weeks, taken over {all.length} muscles and sides;
      least often {least.map((t) => `${t.muscle} ${t.side} ${percent(t.share)}`).join(', ')}.
    </p>
  );
};
