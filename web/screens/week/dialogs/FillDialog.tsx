import type { FillResult } from '@kotabi/core/fill';
import { AIM_DAYS, AIM_SEC } from '@kotabi/core/ledger';
import { Area, type Group, type Person } from '@kotabi/core/model';
import type { LocalNow } from '@kotabi/core/schedule';
import { Button, Checkbox, Modal, Select } from 'antd';
import dayjs from 'dayjs';
import { useEffect, useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useMoves } from '../../../api/queries';
import { MultiSelect } from '../../../fields/MultiSelect';
import { fillRequest, stoppedBreaks, withChosen } from '../../../week/fill-request';
import type { WeekStore } from '../../../week/store';
import type { BreakFacts, DayFacts } from '../../../week/useFacts';
import styles from '../../../week/week.module.css';
import { movesThatHold, unmetText } from '../../../words/unmet';
import { fillAway, warmUpSolver } from '../../../workers/solving';
import { useAway } from '../../../workers/useAway';
import dialog from './dialogs.module.css';

const EMPTY = {
  'none short enough': 'no break is short enough',
  'none for calls': 'no break is made for calls',
  'no other left': 'every break that fits is on that day already',
} as const;

interface Props {
  group: Group;
  people: readonly Person[];
  store: WeekStore;
  days: readonly DayFacts[];
  facts: ReadonlyMap<string, BreakFacts>;
  now: LocalNow;
  close: () => void;
}

/** Which break when: chooses a break for the planned times so that the week's aims are met. */
export const FillDialog = ({ group, people, store, days, facts, now, close }: Props) => {
  const { value: week, replace } = store.getState();
  const { shelf, approach } = useMoves();
  const whose = week.personId === null ? 'group' : 'person';
  const stopped = useMemo(
    () => stoppedBreaks(facts, { group, people, whose }, shelf, approach),
    [facts, group, people, whose, shelf, approach],
  );
  const [aims, setAims] = useState(week.aims);
  const open = days.flatMap((d) => d.held).filter((b) => b.breakId === null).length;
  const [anew, setAnew] = useState(open === 0);
  const [same, setSame] = useState<string | undefined>();
  const { result, busy, failure, run, cancel } = useAway<FillResult>();
  useEffect(warmUpSolver, []);
  const start = (): void => {
    const request = fillRequest({ ...week, aims }, days, facts, stopped, anew, now);
    void run((signal) => fillAway(request, () => {}, signal));
  };
  const take = (): void => {
    if (!result) return;
    replace('choose breaks', (w) => withChosen({ ...w, aims }, result));
    close();
  };
  const fillAll = (): void => {
    replace('choose breaks', (w) => ({
      ...w,
      days: w.days.map((d) => ({
        ...d,
        breaks: d.breaks.map((b) => (b.breakId === null ? { ...b, breakId: same ?? null } : b)),
      })),
    }));
    close();
  };
  const filled = result ? [...result.chosen.values()].filter((id) => id !== null).length : 0;
  const whenOf = (id: string): string => {
    const day = days.find((d) => d.held.some((b) => b.id === id));
    return dayjs(day?.day.date).format('dddd');
  };
  return (
    <Modal
      open
      width={680}
      title="Which break when"
      onCancel={close}
      footer={
        <>
          <Button onClick={close}>Leave it</Button>
          <Button type="primary" disabled={!result} onClick={take}>
            Take these over
          </Button>
        </>
      }
    >
      <p>
        Chooses a break for each planned time: {AIM_SEC} s on {AIM_DAYS} days or more for each muscle and
        side, never the same break twice on a day, no strong work on two days running, on calls only what
        suits a call, nothing that someone here must not do.
      </p>
      {facts.size === 0 && (
        <p role="alert">
          There is no break yet to choose from. <Link to="/breaks">Begin with a starting point</Link>, then
          come back.
        </p>
      )}
      <div className={dialog.fillForm}>
        <label htmlFor="fill-aims">For</label>
        <MultiSelect
          id="fill-aims"
          placeholder="every area"
          value={aims}
          maxTagCount="responsive"
          options={Area.options.filter((a) => a !== 'breath').map((a) => ({ value: a, label: a }))}
          onChange={(v) => setAims(v as Area[])}
        />
        <Checkbox checked={anew} onChange={(e) => setAnew(e.target.checked)}>
          choose those anew that are chosen already (what is set by hand stays)
        </Checkbox>
      </div>
      <div className="bar">
        {busy ? (
          <>
            <span className="muted" role="status">
              Choosing …
            </span>
            <Button onClick={cancel}>Cancel</Button>
          </>
        ) : (
          <Button onClick={start} disabled={facts.size === 0}>
            Choose breaks
          </Button>
        )}
      </div>
      {failure && <p className={styles.overText}>{failure}</p>}
      {open > 0 && !result && !busy && facts.size > 0 && (
        <>
          <h3>Or the same one for all {open} that are open</h3>
          <div className={dialog.fillRow}>
            <Select
              aria-label="Break to fill them with"
              placeholder="which break?"
              value={same}
              options={[...facts.values()].map(({ brk }) => ({ value: brk.id, label: brk.name }))}
              onChange={setSame}
            />
            <Button disabled={same === undefined} onClick={fillAll}>
              Fill all
            </Button>
          </div>
        </>
      )}
      {result && (
        <div aria-live="polite">
          <p>
            <b>
              {filled} of {result.chosen.size} times have a break.
            </b>{' '}
            {result.unmet.length === 0
              ? 'Every aim is met.'
              : `${result.unmet.length} of the aims ${result.unmet.length === 1 ? 'is' : 'are'} not met:`}
          </p>
          <ul className={dialog.unmet}>
            {unmetText(result.unmet, (muscle) => movesThatHold(shelf.library, muscle, approach)).map(
              (text) => (
                <li key={text}>{text}</li>
              ),
            )}
            {result.empty.map((e) => (
              <li key={e.plannedId}>
                {whenOf(e.plannedId)}, one time stays open: {EMPTY[e.why]}
              </li>
            ))}
          </ul>
        </div>
      )}
    </Modal>
  );
};
