import type { Group, Kept, Person, Session } from '@kotabi/core/model';
import { planAgainstDone, type StepRecord } from '@kotabi/core/record';
import { Checkbox, DatePicker, Select } from 'antd';
import dayjs from 'dayjs';
import { NumberField } from '../../fields/NumberField';
import styles from './log.module.css';

interface Props {
  session: Session;
  groups: readonly Kept<Group>[];
  people: readonly Person[];
  change: (label: string, more: Partial<Session>) => void;
}

type Way = 'left' | 'right' | 'together';

/** Sets the work of one step on one side to all or nothing of its plan. */
const withWork = (session: Session, stepId: string, way: Way, done: boolean): Session['parts'] =>
  session.parts.map((p) =>
    p.stepId === stepId && p.kind === 'work' && (p.side ?? 'together') === way
      ? { ...p, doneMs: done ? p.plannedMs : 0 }
      : p,
  );

const Tick = ({ step, way, session, change }: { step: StepRecord; way: Way } & Props) => {
  const pair = step[way];
  if (!pair) return <span />;
  return (
    <Checkbox
      aria-label={`${step.moveName}, ${way}`}
      checked={pair.doneMs > 0}
      onChange={(e) =>
        change('what was done', { parts: withWork(session, step.stepId, way, e.target.checked) })
      }
    >
      {way}
    </Checkbox>
  );
};

/** Sets a record right: when, which group, who came, and which steps and sides were really done. */
export const Correct = (p: Props) => {
  const { session, groups, people, change } = p;
  const { came } = session;
  const lasted = Date.parse(session.endedAt) - Date.parse(session.startedAt);
  const steps = planAgainstDone(session.parts).filter((s) => s.left || s.right || s.together);
  return (
    <div>
      <div className={styles.correct}>
        <label htmlFor="c-when">
          Began
          <DatePicker
            id="c-when"
            showTime={{ format: 'HH:mm' }}
            format="D MMM YYYY, HH:mm"
            allowClear={false}
            disabledDate={(d) => d.isAfter(dayjs(), 'day')}
            value={dayjs(session.startedAt)}
            onChange={(at) =>
              at &&
              change('when', {
                startedAt: at.toISOString(),
                endedAt: at.add(lasted, 'ms').toISOString(),
              })
            }
          />
        </label>
        <label htmlFor="c-group">
          Group
          <Select
            id="c-group"
            style={{ width: 200 }}
            value={session.groupId ?? ''}
            options={[
              { value: '', label: 'no group' },
              ...groups.map((g) => ({ value: g.value.id, label: g.value.name })),
            ]}
            onChange={(id) =>
              // Whoever was named belongs to the group before.
              change('the group', { groupId: id || null, came: { ...came, people: [] } })
            }
          />
        </label>
        <label htmlFor="c-count">
          How many came
          <NumberField
            id="c-count"
            name="How many came"
            labelled
            min={0}
            max={5000}
            value={came.count}
            change={(count) => change('who came', { came: { ...came, count } })}
            clear={() => change('who came', { came: { ...came, count: null } })}
          />
        </label>
      </div>
      {people.length > 0 && (
        <div className={styles.people} role="group" aria-label="Who came">
          {people.map((one) => (
            <Checkbox
              key={one.id}
              checked={came.people.includes(one.id)}
              onChange={(e) =>
                change('who came', {
                  came: {
                    ...came,
                    people: e.target.checked
                      ? [...came.people, one.id]
                      : came.people.filter((id) => id !== one.id),
                  },
                })
              }
            >
              {one.name}
            </Checkbox>
          ))}
        </div>
      )}
      <ul className={styles.ticks} aria-label="Steps that were done">
        {steps.map((step) => (
          <li key={step.stepId}>
            <span>{step.moveName}</span>
            {step.together ? (
              <>
                <Tick {...p} step={step} way="together" />
                <span />
              </>
            ) : (
              <>
                <Tick {...p} step={step} way="left" />
                <Tick {...p} step={step} way="right" />
              </>
            )}
          </li>
        ))}
      </ul>
      <p className="muted small">
        What is set right is written down with how it was before; see the history below.
      </p>
    </div>
  );
};
