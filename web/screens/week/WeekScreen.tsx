import type { Break, Group, Kept, Person, Week } from '@kotabi/core/model';
import { addDays } from '@kotabi/core/schedule';
import { Button } from 'antd';
import dayjs from 'dayjs';
import { ChevronLeft, ChevronRight } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link, Navigate, useNavigate } from 'react-router';
import { fetchWeek, useBreaks, useMoves, useWeek, useWeeks } from '../../api/queries';
import { useDocument } from '../../document/useDocument';
import { LazySelect } from '../../fields/LazySelect';
import { NotHere } from '../../shell/NotHere';
import { Empty, Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import { createWeekStore, freshWeek, lastBefore, weekKey, weekKind } from '../../week/store';
import { thisMonday, usePlace } from '../../week/usePlace';
import { WeekPlan } from './WeekPlan';

/** Chooses the group, the person and the week; the plan itself is below. */
export const WeekScreen = () => {
  useTitle('Week');
  const place = usePlace();
  const { groups, group, people, person, monday } = place;
  if (!groups.data) return <Waiting error={groups.error} retry={() => void groups.refetch()} />;
  if (groups.data.length === 0)
    return (
      <div className="page">
        <h1>Week</h1>
        <Empty title="First, a group" action={<Link to="/people">Add a group</Link>}>
          A week belongs to a group: its days, hours and lunch are where the breaks have to fit.
        </Empty>
      </div>
    );
  if (place.nowhere) return <NotHere />;
  if (place.instead || place.unknownPerson || !group)
    return <Navigate to={place.instead ?? `/week/${group?.id}/${monday}`} replace />;
  if (!people.data) return <Waiting error={people.error} retry={() => void people.refetch()} />;
  return (
    <OpenWeek
      key={`${group.id}.${person?.id}.${monday}`}
      group={group}
      groups={groups.data}
      person={person}
      people={people.data.map((p) => p.value)}
      startDate={monday}
    />
  );
};

const WHOLE = '';

interface OpenProps {
  group: Group;
  groups: Kept<Group>[];
  person: Person | null;
  people: Person[];
  startDate: string;
}

const OpenWeek = ({ group, groups, person, people, startDate }: OpenProps) => {
  const week = useWeek(group.id, person?.id ?? null, startDate);
  const ofGroup = useWeek(group.id, null, startDate);
  const others = useWeeks(group.id, week.data === null);
  const breaks = useBreaks();
  const moves = useMoves();
  const navigate = useNavigate();
  const go = (id: string, date: string, personId: string = person?.id ?? WHOLE) =>
    navigate(`/week/${id}/${date}${personId && id === group.id ? `?person=${personId}` : ''}`);
  const head = (
    <>
      <h1>Week of {dayjs(startDate).format('D MMMM YYYY')}</h1>
      <Button
        title="The week before"
        type="text"
        aria-label="The week before"
        icon={<ChevronLeft size={19} />}
        onClick={() => go(group.id, addDays(startDate, -7))}
      />
      <Button type="text" onClick={() => go(group.id, thisMonday())}>
        This week
      </Button>
      <Button
        title="The week after"
        type="text"
        aria-label="The week after"
        icon={<ChevronRight size={19} />}
        onClick={() => go(group.id, addDays(startDate, 7))}
      />
      <LazySelect
        aria-label="Group"
        style={{ minWidth: 170, maxWidth: 260 }}
        value={group.id}
        options={groups.map((g) => ({ value: g.value.id, label: g.value.name }))}
        onChange={(id) => go(id, startDate)}
      />
      <LazySelect
        aria-label="Whose week"
        style={{ minWidth: 140, maxWidth: 200 }}
        value={person?.id ?? WHOLE}
        options={[
          { value: WHOLE, label: 'the whole group' },
          ...people.map((p) => ({ value: p.id, label: p.name })),
        ]}
        onChange={(id) => go(group.id, startDate, id)}
      />
      {groups.length > 1 && <Link to={`/weeks/${startDate}`}>All groups</Link>}
    </>
  );
  if (
    week.data === undefined ||
    ofGroup.data === undefined ||
    (week.data === null && others.data === undefined) ||
    !breaks.data ||
    !moves.data
  )
    return (
      <Waiting
        error={week.error ?? ofGroup.error ?? breaks.error ?? moves.error}
        retry={() => void week.refetch()}
      />
    );
  return (
    <Loaded
      group={group}
      person={person}
      people={people}
      kept={week.data}
      ofGroup={ofGroup.data}
      before={lastBefore(others.data ?? [], person?.id ?? null, startDate)}
      startDate={startDate}
      head={head}
      breaks={breaks.data}
    />
  );
};

interface LoadedProps {
  group: Group;
  person: Person | null;
  people: Person[];
  kept: Kept<Week> | null;
  /** The week of the whole group, which a person's first week starts from. */
  ofGroup: Kept<Week> | null;
  /** The last one before it, whose rule goes on. */
  before: Week | null;
  startDate: string;
  head: ReactNode;
  breaks: Kept<Break>[];
}

const Loaded = ({ kept, ofGroup, before, startDate, ...rest }: LoadedProps) => {
  const { group, person } = rest;
  const place = { groupId: group.id, personId: person?.id ?? null, startDate };
  const store = useDocument(weekKind, weekKey(place), kept, () =>
    createWeekStore(kept, freshWeek(group, person, startDate, ofGroup?.value ?? null, before)),
  );
  const theirs = async (): Promise<Kept<Week>> => {
    const now = await fetchWeek(group.id, place.personId, startDate);
    if (!now) throw new Error('There is no such week any more. What you have here can still be kept.');
    return now;
  };
  return store && <WeekPlan store={store} theirs={theirs} {...rest} />;
};
