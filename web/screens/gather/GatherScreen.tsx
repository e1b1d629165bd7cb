import { type LedCount, type LedResult, ledCounts } from '@kotabi/core/gather';
import type { BusyTime, Group, Kept, Person } from '@kotabi/core/model';
import { useQueries, useQueryClient } from '@tanstack/react-query';
import { Button, Select } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import { Link, Navigate } from 'react-router';
import { messageOf, request } from '../../api/client';
import { useBreaks } from '../../api/queries';
import { MultiSelect } from '../../fields/MultiSelect';
import { NumberField } from '../../fields/NumberField';
import { TimeField } from '../../fields/TimeField';
import { useMessages } from '../../shell/messages';
import { NotHere } from '../../shell/NotHere';
import { Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import { usePlace } from '../../week/usePlace';
import styles from '../../week/week.module.css';
import { ledAway } from '../../workers/solving';
import { useAway } from '../../workers/useAway';
import { Availability } from './Availability';
import { SessionList } from './SessionList';
import { takeIntoGroup, takeIntoPerson } from './takeOver';
import { gatherLed, LED_GRID_MIN, type LedTeam, type LedWishes } from './useGatherData';

/** The best common times for led sessions in a week. */
export const GatherScreen = () => {
  useTitle('Led sessions');
  const { groups, group, monday, instead, nowhere } = usePlace();
  if (!groups.data) return <Waiting error={groups.error} retry={() => void groups.refetch()} />;
  if (nowhere) return <NotHere />;
  if (instead || !group) return <Navigate to={instead ?? '/week'} replace />;
  return <Led key={monday} groups={groups.data.map((g) => g.value)} group={group} monday={monday} />;
};

interface Found {
  result: LedResult;
  counts: LedCount[];
  teams: LedTeam[];
  wishes: LedWishes;
}

const Led = ({ groups, group, monday }: { groups: Group[]; group: Group; monday: string }) => {
  const [wishes, setWishes] = useState<LedWishes>({
    groupIds: [group.id],
    sessions: 2,
    lengthMin: 10,
    earliestMin: Math.max(group.hours.startMin, 540),
    latestMin: Math.min(group.hours.endMin, 1020),
    travelMin: 20,
  });
  const { message } = useMessages();
  const client = useQueryClient();
  const [taking, setTaking] = useState<string | null>(null);
  const { result: found, busy, failure, run, cancel } = useAway<Found>();
  const set = (more: Partial<LedWishes>): void => setWishes({ ...wishes, ...more });
  const find = (): void =>
    void run(async (signal) => {
      const { request: asked, teams } = await gatherLed(groups, monday, wishes);
      const result = await ledAway(asked, () => {}, signal);
      return { result, counts: ledCounts(asked), teams, wishes };
    });
  const take = async ({ result, teams, wishes: { lengthMin } }: Found, everyone: boolean): Promise<void> => {
    try {
      for (const team of teams) {
        setTaking(team.group.name);
        const sessions = result.sessions.filter((s) => s.groupId === team.group.id);
        const taken = { sessions, lengthMin, breakId: breakId || null };
        const ofGroup = await takeIntoGroup(team, monday, taken);
        if (!everyone) continue;
        for (const person of team.people) {
          setTaking(person.name);
          const list = await request<{ date: string; busy: BusyTime[] }[]>(
            'GET',
            `/api/groups/${team.group.id}/busy?from=${monday}&days=7&personId=${person.id}`,
          );
          const own = new Map(list.map((d) => [d.date, d.busy]));
          await takeIntoPerson(team, person, monday, taken, own, ofGroup);
        }
      }
      await client.invalidateQueries({ queryKey: ['weeks'] });
      message.success(
        everyone
          ? 'The sessions are in, and everyone’s other breaks around them.'
          : 'The sessions are in the week.',
      );
    } catch (error) {
      message.error(messageOf(error));
    } finally {
      setTaking(null);
    }
  };
  const [breakId, setBreakId] = useState('');
  const breaks = useBreaks().data ?? [];
  const members = useQueries({
    queries: wishes.groupIds.map((id) => ({
      queryKey: ['people', id],
      queryFn: () => request<Kept<Person>[]>('GET', `/api/groups/${id}/people`),
    })),
  });
  const nobody = members.length > 0 && members.every((m) => m.data?.length === 0);
  const wrong = wishes.latestMin - wishes.earliestMin < wishes.lengthMin;

  return (
    <div className={styles.screen}>
      <div className="bar">
        <h1>Led sessions</h1>
        <span className="muted">week of {dayjs(monday).format('D MMMM YYYY')}</span>
        <span className="grow" />
        <Link to={`/week/${group.id}/${monday}`}>Back to the week</Link>
      </div>
      <div className={styles.columns}>
        <section className={`card ${styles.comparison}`} aria-label="Times found" aria-busy={busy}>
          {!found && !busy && !failure && (
            <p className="muted">
              Says when a led session brings most people together: everyone’s calendar, the hours of each,
              your own calendar and the way between sites are looked at, and as many as possible come at least
              once before anyone comes twice.
            </p>
          )}
          {busy && (
            <div className="bar">
              <span className="muted" role="status">
                Looking for times …
              </span>
              <Button size="small" onClick={cancel}>
                Cancel
              </Button>
            </div>
          )}
          {failure && <p className={styles.overText}>{failure}</p>}
          {found && (
            <>
              {found.teams
                .filter((t) => t.people.length === 0)
                .map((t) => (
                  <p key={t.group.id}>
                    {t.group.name} has no people yet, so no time can be better for them than another.{' '}
                    <Link to={`/people/${t.group.id}`}>Enter its people</Link>
                  </p>
                ))}
              <SessionList
                result={found.result}
                teams={found.teams}
                lengthMin={found.wishes.lengthMin}
                sessions={found.wishes.sessions}
              />
              {found.result.sessions.length > 0 && (
                <div className="bar">
                  <Select
                    aria-label="Which break is led"
                    value={breakId}
                    style={{ minWidth: 240 }}
                    popupMatchSelectWidth={false}
                    options={[
                      { value: '', label: 'which break: chosen later' },
                      ...breaks
                        .filter((b) => b.value.slotSec <= found.wishes.lengthMin * 60)
                        .map((b) => ({ value: b.value.id, label: b.value.name })),
                    ]}
                    onChange={setBreakId}
                  />
                  <Button type="primary" loading={taking !== null} onClick={() => void take(found, true)}>
                    Put them in, and plan everyone around them
                  </Button>
                  <Button disabled={taking !== null} onClick={() => void take(found, false)}>
                    Only into the groups’ weeks
                  </Button>
                  {taking && <span className="muted">{taking} …</span>}
                </div>
              )}
              {found.teams.map((t) => (
                <Availability
                  key={t.group.id}
                  name={t.group.name}
                  members={t.people.length}
                  gridMin={LED_GRID_MIN}
                  counts={found.counts.filter((c) => c.groupId === t.group.id)}
                  sessions={found.result.sessions.filter((s) => s.groupId === t.group.id)}
                />
              ))}
            </>
          )}
        </section>
        <aside className={`card ${styles.panel}`} aria-label="What is wanted">
          <section className={styles.cardPart}>
            <h2>What is wanted</h2>
            <MultiSelect
              aria-label="Groups"
              value={wishes.groupIds}
              options={groups.map((g) => ({ value: g.id, label: g.name }))}
              onChange={(ids) => set({ groupIds: ids as string[] })}
            />
            <div className={styles.fields}>
              {(
                [
                  ['Sessions for each', 'sessions', 1, 5, ''],
                  ['A session lasts', 'lengthMin', 5, 60, 'min'],
                  ['Way between sites', 'travelMin', 0, 240, 'min'],
                ] as const
              ).map(([label, key, min, max, unit]) => (
                <div key={key} className={styles.pair}>
                  <label htmlFor={`led-${key}`}>{label}</label>
                  <NumberField
                    id={`led-${key}`}
                    name={label}
                    labelled
                    min={min}
                    max={max}
                    unit={unit}
                    value={wishes[key]}
                    change={(n) => set({ [key]: n })}
                  />
                </div>
              ))}
            </div>
            <div className={styles.hours}>
              <TimeField label="Not before" value={wishes.earliestMin} set={(m) => set({ earliestMin: m })} />
              <span>to</span>
              <TimeField
                label="Not after"
                value={wishes.latestMin}
                status={wrong ? 'error' : undefined}
                set={(m) => set({ latestMin: m })}
              />
            </div>
            {wrong && (
              <p className={styles.overText} role="alert">
                Between these times there is no room for {wishes.lengthMin} min.
              </p>
            )}
            {nobody && (
              <p role="alert">
                Nobody is kept for {wishes.groupIds.length === 1 ? 'this group' : 'these groups'} yet. Times
                are found for people: <Link to={`/people/${wishes.groupIds[0]}`}>enter them first</Link>.
              </p>
            )}
            <Button
              type={found ? 'default' : 'primary'}
              disabled={busy || wrong || nobody || wishes.groupIds.length === 0}
              onClick={find}
            >
              Find the best times
            </Button>
          </section>
        </aside>
      </div>
    </div>
  );
};
