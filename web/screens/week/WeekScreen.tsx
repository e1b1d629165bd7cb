import type { Break, Group, Kept, Week } from '@kotabi/core/model';
import { addDays, mondayOf } from '@kotabi/core/schedule';
import { Button, Select, Tooltip } from 'antd';
import dayjs from 'dayjs';
import { ChevronLeft, ChevronRight } from 'lucide-react';
import { useMemo } from 'react';
import { Link, Navigate, useNavigate, useParams } from 'react-router';
import { put, useBreaks, useGroups, useMoves, useWeek } from '../../api/queries';
import { Empty, Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import { WeekPlan } from './WeekPlan';
import { createWeekStore, freshWeek } from './weekStore';

const today = (): string => dayjs().format('YYYY-MM-DD');

/** Chooses the group and the week; the plan itself is below. */
export const WeekScreen = () => {
  useTitle('Week');
  const { groupId, startDate } = useParams();
  const groups = useGroups();
  if (!groups.data) return <Waiting error={groups.error} retry={() => void groups.refetch()} />;
  const [first] = groups.data;
  if (!first)
    return (
      <div className="page">
        <h1>Week</h1>
        <Empty title="First, a group" action={<Link to="/people">Add a group</Link>}>
          A week belongs to a group: its days, hours and lunch are where the breaks have to fit.
        </Empty>
      </div>
    );
  const group = groups.data.find((g) => g.value.id === groupId)?.value;
  if (!group || !startDate || mondayOf(startDate) !== startDate)
    return <Navigate to={`/week/${group?.id ?? first.value.id}/${mondayOf(startDate ?? today())}`} replace />;
  return (
    <OpenWeek key={`${group.id}.${startDate}`} group={group} groups={groups.data} startDate={startDate} />
  );
};

const OpenWeek = ({
  group,
  groups,
  startDate,
}: {
  group: Group;
  groups: Kept<Group>[];
  startDate: string;
}) => {
  const week = useWeek(group.id, startDate);
  const breaks = useBreaks();
  const moves = useMoves();
  const navigate = useNavigate();
  const go = (id: string, date: string) => navigate(`/week/${id}/${date}`);
  const head = (
    <>
      <h1>Week of {dayjs(startDate).format('D MMMM YYYY')}</h1>
      <Tooltip title="The week before">
        <Button
          type="text"
          aria-label="The week before"
          icon={<ChevronLeft size={19} />}
          onClick={() => go(group.id, addDays(startDate, -7))}
        />
      </Tooltip>
      <Button type="text" onClick={() => go(group.id, mondayOf(today()))}>
        This week
      </Button>
      <Tooltip title="The week after">
        <Button
          type="text"
          aria-label="The week after"
          icon={<ChevronRight size={19} />}
          onClick={() => go(group.id, addDays(startDate, 7))}
        />
      </Tooltip>
      <Select
        aria-label="Group"
        style={{ minWidth: 180, maxWidth: 300 }}
        value={group.id}
        options={groups.map((g) => ({ value: g.value.id, label: g.value.name }))}
        onChange={(id) => go(id, startDate)}
      />
    </>
  );
  if (week.data === undefined || !breaks.data || !moves.data)
    return <Waiting error={week.error ?? breaks.error ?? moves.error} retry={() => void week.refetch()} />;
  return (
    <Loaded
      group={group}
      kept={week.data}
      startDate={startDate}
      head={head}
      breaks={breaks.data}
      lookup={moves.lookup}
      reload={() => void week.refetch()}
    />
  );
};

interface LoadedProps {
  group: Group;
  kept: Kept<Week> | null;
  startDate: string;
  head: React.ReactNode;
  breaks: Kept<Break>[];
  lookup: ReturnType<typeof useMoves>['lookup'];
  reload: () => void;
}

const Loaded = ({ group, kept, startDate, ...rest }: LoadedProps) => {
  // The store lives as long as the week is open, and is made anew when the other version is asked for.
  const store = useMemo(
    () => createWeekStore(kept, freshWeek(group, startDate), (change) => put('weeks', change)),
    [kept, group, startDate],
  );
  return <WeekPlan group={group} store={store} {...rest} />;
};
