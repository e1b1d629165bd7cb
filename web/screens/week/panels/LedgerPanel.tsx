import { AIM_DAYS, AIM_SEC, ledgerOf } from '@kotabi/core/ledger';
import type { LogRow } from '@kotabi/core/model';
import { published } from '@kotabi/core/reference';
import { Button } from 'antd';
import { useMemo } from 'react';
import { heldByDay } from '../../../ledger/done';
import { LedgerList } from '../../../ledger/LedgerList';
import type { BreakFacts, DayFacts } from '../../../week/useFacts';
import styles from '../../../week/week.module.css';
import { Cited } from '../../../words/Cited';

interface Props {
  days: readonly DayFacts[];
  facts: ReadonlyMap<string, BreakFacts>;
  aims: Parameters<typeof ledgerOf>[1];
  /** What was led for the group, and by which clock its days are told. */
  log: readonly LogRow[];
  timeZone: string;
  fill: () => void;
}

/** What the week gives each area, day by day and side by side, against the aim. */
export const LedgerPanel = ({ days, facts, aims, log, timeZone, fill }: Props) => {
  const done = useMemo(() => heldByDay(log, timeZone), [log, timeZone]);
  const ledger = useMemo(
    () =>
      ledgerOf(
        days.map(({ day, held }) => ({
          date: day.date,
          gives:
            day.off === undefined
              ? held.flatMap((b) => (b.breakId && facts.get(b.breakId)?.gives) || [])
              : [],
        })),
        aims,
      ),
    [days, facts, aims],
  );
  const open = days.flatMap((d) => d.held).filter((b) => b.breakId === null).length;
  return (
    <section className={styles.cardPart} aria-label="Ledger">
      <h2>What the week gives</h2>
      <p className="muted small">
        Seconds held, a full cell is {AIM_SEC} s on that day; the aim is {AIM_DAYS} days or more for each side
        (published for each exercise, counted here by muscle and side, which is stricter:{' '}
        <Cited source={published.staticHoldTotal} />
        ).
      </p>
      {ledger.areas.length === 0 ? (
        <p>No break has been chosen yet, so nothing is counted.</p>
      ) : (
        <>
          {done.size > 0 && (
            <p className="muted small">
              On days on which something was led, what was done is filled and the plan is its outline.
            </p>
          )}
          <LedgerList ledger={ledger} done={done} />
        </>
      )}
      <Button onClick={fill}>
        {open > 0 ? `Choose breaks for ${open} times …` : 'Choose breaks anew …'}
      </Button>
    </section>
  );
};
