import '../../../fields/monday';
import type { Group, Kept, Person, Week } from '@kotabi/core/model';
import {
  addDays,
  changeFrom,
  copyWeek,
  dayInput,
  frameOf,
  mondayOf,
  shiftWeek,
  withPlan,
} from '@kotabi/core/schedule';
import { useQueryClient } from '@tanstack/react-query';
import { Button, DatePicker, Modal } from 'antd';
import dayjs from 'dayjs';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { messageOf } from '../../../api/client';
import { put, useWeeks } from '../../../api/queries';
import { NumberField } from '../../../fields/NumberField';
import { useMessages } from '../../../shell/messages';
import type { WeekStore } from '../../../week/store';
import styles from '../../../week/week.module.css';
import { planDays } from '../../../workers';

interface Props {
  group: Group;
  person: Person | null;
  store: WeekStore;
  close: () => void;
}

const today = (): string => dayjs().format('YYYY-MM-DD');
const MOST_WEEKS = 12;

/** Several weeks: copies this one, moves its breaks, and changes the rule of later ones. Past weeks are never touched. */
export const WeeksDialog = ({ group, person, store, close }: Props) => {
  const { value: week, replace } = store.getState();
  const weeks = useWeeks(group.id);
  const client = useQueryClient();
  const { message } = useMessages();
  const [count, setCount] = useState(1);
  const [byMin, setByMin] = useState(15);
  const [from, setFrom] = useState(addDays(mondayOf(today()), 7));
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const own = (weeks.data ?? []).filter((w) => w.value.personId === week.personId);
  const frame = { ...frameOf(group, person), standing: group.standing, daysOff: group.daysOff };
  const thisMonday = mondayOf(today());
  const targets = Array.from({ length: count }, (_, n) => addDays(week.startDate, 7 * (n + 1)));
  const past = targets.filter((d) => d < thisMonday);
  const there = targets.filter((d) => own.some((w) => w.value.startDate === d));
  const later = changeFrom(
    own.map((w) => w.value),
    // Dates as text: the later one is the last in order.
    [from, thisMonday].sort().at(-1) ?? thisMonday,
    week.rule,
  );

  const doing = async (work: () => Promise<string>): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      const done = await work();
      await client.invalidateQueries({ queryKey: ['weeks'] });
      message.success(done);
      close();
    } catch (error) {
      setProblem(messageOf(error));
    } finally {
      setBusy(false);
    }
  };
  const copy = (): Promise<void> =>
    doing(async () => {
      for (const monday of targets.filter((d) => d >= thisMonday)) {
        const kept: Kept<Week> | undefined = own.find((w) => w.value.startDate === monday);
        const value = copyWeek(week, monday, kept?.value.id ?? nanoid(), frame);
        await put('weeks', { baseVersion: kept?.version ?? 0, value });
      }
      return `Copied to ${count} week${count === 1 ? '' : 's'}.`;
    });
  const changeLater = (): Promise<void> =>
    doing(async () => {
      for (const ruled of later) {
        const { version = 0 } = own.find((w) => w.value.id === ruled.id) ?? {};
        const days = ruled.days.filter((d) => d.off === undefined && d.date >= today());
        const results = await planDays(
          days.map((d) => dayInput(frame, week.rule, d)),
          new AbortController().signal,
          () => {},
        );
        const planned = {
          ...ruled,
          days: ruled.days.map((d) => {
            const result = results[days.indexOf(d)];
            return result?.ok ? withPlan(d, result.plan.breaks) : d;
          }),
        };
        await put('weeks', { baseVersion: version, value: planned });
      }
      return `${later.length} week${later.length === 1 ? ' is' : 's are'} planned by this rule now.`;
    });

  return (
    <Modal open width={620} title="Other weeks" onCancel={close} footer={null}>
      {problem && <p className={styles.overText}>{problem}</p>}
      <h3>Copy this week</h3>
      <p className="muted small">
        The rule, the breaks and the times entered by hand; days off of the new week stay free, and what was
        read from calendars stays with its dates.
      </p>
      <div className="bar">
        <span>to the next</span>
        <NumberField
          name="Weeks"
          value={count}
          min={1}
          max={MOST_WEEKS}
          unit={count === 1 ? 'week' : 'weeks'}
          change={setCount}
        />
        <Button disabled={busy || past.length === targets.length} onClick={() => void copy()}>
          Copy
        </Button>
      </div>
      {there.length > 0 && (
        <p className={styles.overText}>
          {there.map((d) => dayjs(d).format('D MMMM')).join(', ')}: there is a week already; it would be
          replaced.
        </p>
      )}
      {past.length > 0 && <p className="muted small">Weeks that have passed are left as they were.</p>}
      <h3>Move the breaks of this week</h3>
      <div className="bar">
        <NumberField
          name="Minutes later"
          value={byMin}
          min={-240}
          max={240}
          step={5}
          unit="min"
          change={setByMin}
        />
        <Button
          disabled={byMin === 0}
          onClick={() => {
            replace('move the breaks', (w) => shiftWeek(w, byMin));
            close();
          }}
        >
          {byMin < 0 ? 'Earlier' : 'Later'}, all of them
        </Button>
      </div>
      <h3>Use this rule from a date on</h3>
      <div className="bar">
        <DatePicker
          aria-label="From the week of"
          allowClear={false}
          value={dayjs(from)}
          format="D MMM YYYY"
          onChange={(d) => d && setFrom(mondayOf(d.format('YYYY-MM-DD')))}
        />
        <Button disabled={busy || later.length === 0} onClick={() => void changeLater()}>
          Change {later.length} week{later.length === 1 ? '' : 's'}
        </Button>
      </div>
      <p className="muted small">
        {later.length === 0
          ? 'There is no saved week from then on.'
          : 'Their days from today on are planned again; what is set by hand stays.'}
      </p>
    </Modal>
  );
};
