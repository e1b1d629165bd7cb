import { Area, type Break, type Kept, Session, Side } from '@kotabi/core/model';
import { type LeftOut, partsLed, partsOfAreas, planAgainstDone } from '@kotabi/core/record';
import { timed } from '@kotabi/core/timing';
import { Button, Checkbox, DatePicker, Segmented, Select } from 'antd';
import dayjs, { type Dayjs } from 'dayjs';
import { ArrowLeft } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { messageOf } from '../../api/client';
import { useBreaks, useGroups, useMoves, usePut } from '../../api/queries';
import { MultiSelect } from '../../fields/MultiSelect';
import { NumberField } from '../../fields/NumberField';
import { Tension } from '../../fields/Tension';
import { useMessages } from '../../shell/messages';
import { Waiting } from '../../shell/State';
import { useGoOn } from '../../shell/useGoOn';
import { useTitle } from '../../shell/useTitle';
import styles from './log.module.css';

const AREAS = Area.options.filter((a) => a !== 'breath');

/** Writing down a break that was led without Kotabi: one of the breaks with what was left out, or minutes and areas. */
export const NewRecordScreen = () => {
  const groups = useGroups();
  const breaks = useBreaks();
  const moves = useMoves();
  useTitle('Write down a break');
  if (!groups.data || !breaks.data || !moves.data)
    return <Waiting error={groups.error ?? breaks.error ?? moves.error} />;
  return <Form groups={groups.data} breaks={breaks.data} />;
};

const Form = ({
  groups,
  breaks,
}: {
  groups: NonNullable<ReturnType<typeof useGroups>['data']>;
  breaks: readonly Kept<Break>[];
}) => {
  const { lookup, approach } = useMoves();
  const put = usePut<Session>('sessions');
  const navigate = useNavigate();
  const goOn = useGoOn();
  const { message } = useMessages();
  const [how, setHow] = useState<'break' | 'areas'>(breaks.length > 0 ? 'break' : 'areas');
  const [breakId, setBreakId] = useState<string | null>(null);
  const [groupId, setGroupId] = useState<string | null>(groups[0]?.value.id ?? null);
  const [at, setAt] = useState<Dayjs>(() => dayjs().subtract(15, 'minute').second(0).millisecond(0));
  const [leftOut, setLeftOut] = useState<LeftOut[]>([]);
  const [minutes, setMinutes] = useState(5);
  const [areas, setAreas] = useState<Area[]>([]);
  const [before, setBefore] = useState<number | null>(null);
  const [after, setAfter] = useState<number | null>(null);
  const [count, setCount] = useState<number | null>(null);
  const brk = breaks.find((b) => b.value.id === breakId)?.value;
  const plan = brk ? timed(brk, lookup, approach) : null;
  const parts =
    how === 'areas'
      ? partsOfAreas(areas, minutes * 60_000)
      : plan?.ok
        ? partsLed(plan.resolved, plan.timeline, leftOut)
        : [];
  const steps =
    how === 'break' && plan?.ok ? planAgainstDone(partsLed(plan.resolved, plan.timeline, [])) : [];
  const toggle = (stepId: string, side: Side | null, done: boolean): void =>
    setLeftOut((list) =>
      done ? list.filter((l) => l.stepId !== stepId || l.side !== side) : [...list, { stepId, side }],
    );
  const missing =
    how === 'break'
      ? brk
        ? plan?.ok
          ? ''
          : 'This break cannot be timed: open it and set it right first.'
        : 'Choose the break that was led.'
      : areas.length === 0
        ? 'Name at least one area.'
        : '';
  const late = at.isAfter(dayjs()) ? 'It cannot have begun in the future.' : '';
  const keep = async (): Promise<void> => {
    const lasted = parts.reduce((sum, p) => sum + p.doneMs, 0);
    try {
      const value = Session.parse({
        id: nanoid(),
        breakId: how === 'break' ? breakId : null,
        breakName: how === 'break' ? (brk?.name ?? '') : `${minutes} min: ${areas.join(', ')}`,
        groupId,
        startedAt: at.toISOString(),
        endedAt: at.add(lasted, 'ms').toISOString(),
        ended: 'finished',
        parts,
        came: { people: [], count },
        tensionBefore: before,
        tensionAfter: after,
        written: 'afterwards',
      });
      await put.mutateAsync({ baseVersion: 0, value });
      goOn(`/log/${value.id}`);
    } catch (error) {
      message.error(messageOf(error));
    }
  };
  return (
    <div className="page">
      <div className="bar">
        <Button type="text" icon={<ArrowLeft size={17} />} onClick={() => navigate('/log')}>
          Log
        </Button>
        <h1>Write down a break</h1>
      </div>
      <div className={styles.columns}>
        <section className={`card ${styles.chart}`} aria-label="What was led">
          <Segmented
            aria-label="What is known of it"
            value={how}
            options={[
              { value: 'break', label: 'one of my breaks' },
              { value: 'areas', label: 'only minutes and areas' },
            ]}
            onChange={(v) => setHow(v as 'break' | 'areas')}
          />
          <div className={styles.correct}>
            {how === 'break' ? (
              <label htmlFor="n-break">
                Break
                <Select
                  id="n-break"
                  showSearch
                  optionFilterProp="label"
                  style={{ width: 280 }}
                  placeholder="choose a break"
                  value={breakId}
                  options={breaks.map((b) => ({ value: b.value.id, label: b.value.name }))}
                  onChange={(id) => {
                    setBreakId(id);
                    setLeftOut([]);
                  }}
                />
              </label>
            ) : (
              <>
                <label htmlFor="n-min">
                  Minutes
                  <NumberField
                    id="n-min"
                    name="Minutes"
                    labelled
                    min={1}
                    max={120}
                    unit="min"
                    value={minutes}
                    change={setMinutes}
                  />
                </label>
                <label htmlFor="n-areas">
                  Areas
                  <MultiSelect
                    id="n-areas"
                    value={areas}
                    options={AREAS.map((a) => ({ value: a, label: a }))}
                    onChange={(a: Area[]) => setAreas(a)}
                  />
                </label>
              </>
            )}
            <label htmlFor="n-at">
              Began
              <DatePicker
                id="n-at"
                showTime={{ format: 'HH:mm' }}
                format="D MMM YYYY, HH:mm"
                allowClear={false}
                disabledDate={(d) => d.isAfter(dayjs(), 'day')}
                value={at}
                onChange={(d) => d && setAt(d)}
              />
            </label>
            <label htmlFor="n-group">
              Group
              <Select
                id="n-group"
                style={{ width: 200 }}
                value={groupId ?? ''}
                options={[
                  { value: '', label: 'no group' },
                  ...groups.map((g) => ({ value: g.value.id, label: g.value.name })),
                ]}
                onChange={(id) => setGroupId(id || null)}
              />
            </label>
            <label htmlFor="n-count">
              How many came
              <NumberField
                id="n-count"
                name="How many came"
                labelled
                min={0}
                max={5000}
                value={count}
                change={setCount}
                clear={() => setCount(null)}
              />
            </label>
          </div>
          {how === 'areas' && (
            <p className="muted small">
              The minutes are shared out evenly. They count as moved, not as held: nobody wrote down a hold.
            </p>
          )}
          {steps.length > 0 && (
            <>
              <p>Untick what was left out.</p>
              <ul className={styles.ticks} aria-label="Steps that were done">
                {steps.map((s) => {
                  const tick = (side: Side | null, name: string) => (
                    <Checkbox
                      aria-label={`${s.moveName}, ${name}`}
                      checked={!leftOut.some((l) => l.stepId === s.stepId && l.side === side)}
                      onChange={(e) => toggle(s.stepId, side, e.target.checked)}
                    >
                      {name}
                    </Checkbox>
                  );
                  return (
                    <li key={s.stepId}>
                      <span>{s.moveName}</span>
                      {s.left || s.right ? (
                        Side.options.map((side) =>
                          s[side] ? <span key={side}>{tick(side, side)}</span> : <span key={side} />,
                        )
                      ) : (
                        <>
                          {tick(null, 'done')}
                          <span />
                        </>
                      )}
                    </li>
                  );
                })}
              </ul>
            </>
          )}
        </section>
        <section className={`card ${styles.side}`} aria-label="Tension">
          <h2 id="n-before">Tension before</h2>
          <Tension labelledBy="n-before" value={before} set={setBefore} />
          <h2 id="n-after">Tension after</h2>
          <Tension labelledBy="n-after" value={after} set={setAfter} />
          <Button
            type="primary"
            disabled={missing !== '' || late !== ''}
            loading={put.isPending}
            onClick={() => void keep()}
          >
            Keep the record
          </Button>
          {(missing || late) && <p className="small muted">{missing || late}</p>}
        </section>
      </div>
    </div>
  );
};
