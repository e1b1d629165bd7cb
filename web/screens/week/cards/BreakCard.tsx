import type { Break, DayInput, Kept, PlannedBreak, WeekDay } from '@kotabi/core/model';
import {
  changePlanned,
  heldBreaks,
  kindOf,
  obstacle,
  otherSpans,
  removePlanned,
  tooClose,
  whyHere,
} from '@kotabi/core/schedule';
import { Button, Select, Switch } from 'antd';
import dayjs from 'dayjs';
import { useStore } from 'zustand';
import { TimeField } from '../../../fields/TimeField';
import { leadAddress } from '../../../lead/place';
import { editDay, type WeekStore } from '../../../week/store';
import styles from '../../../week/week.module.css';
import { minSec } from '../../../words/time';
import { nightStart, tooCloseText, whyText } from '../../../words/week';
import { RemoveButton } from './RemoveButton';

interface Props {
  store: WeekStore;
  input: DayInput;
  day: WeekDay;
  planned: PlannedBreak;
  breaks: Kept<Break>[];
  /** How long each break really takes, ms. */
  lengths: ReadonlyMap<string, number>;
  /** What the chosen break does, at a glance. */
  does: string;
  /** What came of it, in words; empty while it was not led. */
  led: string;
  close: () => void;
}

const WRONG = {
  outside: 'This lies outside the day.',
  blocked: 'This lands in a meeting. A break that lands in a meeting does not happen.',
  'off desk': 'This lies in time off the desk.',
  overlap: 'This lies on top of another break.',
} as const;

/** The chosen break of a day: when, which one, whether it is held, set by hand or free to move, and why it is there. */
export const BreakCard = ({ store, input, day, planned, breaks, lengths, does, led, close }: Props) => {
  const { value: week } = useStore(store);
  const kind = kindOf(week.rule, planned);
  const change = (more: Partial<PlannedBreak>): void =>
    editDay(store, 'change a break', day.date, (d) => changePlanned(d, planned.id, more));
  const others = otherSpans(day, week.rule, planned.id);
  const wrong = planned.skipped ? null : obstacle(input, others, planned.startMin, kind);
  const short =
    planned.skipped || wrong
      ? null
      : tooClose(
          week.rule,
          heldBreaks(day).filter((b) => b.id !== planned.id),
          planned,
        );
  const chosen = breaks.find((b) => b.value.id === planned.breakId)?.value;
  const total = (planned.breakId && lengths.get(planned.breakId)) || 0;
  const tooLong = total > kind.lengthMin * 60_000;
  const held = heldBreaks(day);
  const why = planned.skipped || wrong ? null : whyHere(input, held, held.indexOf(planned));
  return (
    <section className={styles.cardPart} aria-label="Chosen break">
      <h2>Break on {dayjs(day.date).format('dddd')}</h2>
      <div className={styles.fields}>
        <span>Starts at</span>
        <TimeField
          label="Start of the break"
          value={planned.startMin}
          dayStartMin={nightStart(input)}
          status={wrong ? 'error' : undefined}
          set={(startMin) => change({ startMin, locked: true })}
        />
        {week.rule.kinds.length > 1 && (
          <>
            <span>Kind</span>
            <Select
              aria-label="Kind of the break"
              value={planned.kindId}
              popupMatchSelectWidth={false}
              options={week.rule.kinds.map((k) => ({
                value: k.id,
                label: k.name ? `${k.name}, ${k.lengthMin} min` : `${k.lengthMin} min`,
              }))}
              onChange={(kindId) => change({ kindId, locked: true })}
            />
          </>
        )}
        <span className={styles.across}>Which break</span>
        <Select
          className={styles.across}
          aria-label="Which break"
          value={chosen ? chosen.id : ''}
          popupMatchSelectWidth={280}
          options={[
            { value: '', label: planned.breakId && !chosen ? 'was deleted' : 'not chosen yet' },
            ...breaks.map((b) => ({ value: b.value.id, label: b.value.name })),
          ]}
          onChange={(id) => change({ breakId: id || null })}
        />
        <label htmlFor="locked">Stays here</label>
        <Switch id="locked" checked={planned.locked} onChange={(locked) => change({ locked })} />
        <label htmlFor="held">Is held</label>
        <Switch
          id="held"
          checked={!planned.skipped}
          onChange={(on) => change(on ? { skipped: false } : { skipped: true })}
        />
      </div>
      {wrong && <p className={styles.overText}>{WRONG[wrong]}</p>}
      {short && <p className={styles.closeText}>{tooCloseText(short)}</p>}
      {led && (
        <p>
          <b>{led}</b>
        </p>
      )}
      {does && <p className="small">It {does}.</p>}
      {tooLong && (
        <p className={styles.overText}>
          It takes {minSec(total)} min; {kind.lengthMin} min are planned.
        </p>
      )}
      {why && (
        <div className="muted small" data-testid="why">
          {whyText(input, why).map((sentence) => (
            <p key={sentence}>{sentence}</p>
          ))}
        </div>
      )}
      <div className="bar">
        {chosen && (
          <Button
            size="small"
            onClick={() =>
              location.assign(
                leadAddress({
                  breakId: chosen.id,
                  groupId: store.getState().value.groupId,
                  from: location.pathname + location.search,
                  planned: planned.id,
                }),
              )
            }
          >
            Lead it
          </Button>
        )}
        <RemoveButton
          remove={() => {
            close();
            editDay(store, 'remove a break', day.date, (d) => removePlanned(d, planned.id));
          }}
        />
      </div>
    </section>
  );
};
