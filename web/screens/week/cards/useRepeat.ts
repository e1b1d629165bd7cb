import type { BusyTime, Group, StandingTime, WeekDay } from '@kotabi/core/model';
import { repeatBusy, weekdayOf } from '@kotabi/core/schedule';
import { nanoid } from 'nanoid';
import { messageOf } from '../../../api/client';
import { useGroups, usePut } from '../../../api/queries';
import { useMessages } from '../../../shell/messages';
import type { WeekStore } from '../../../week/store';
import type { Repeat } from './BusyForm';

/** Puts a busy time on other days of the week, and into new weeks of the group when it comes every week. */
export const useRepeat = (store: WeekStore) => {
  const groups = useGroups();
  const put = usePut<Group>('groups');
  const { message } = useMessages();
  return (day: WeekDay, busy: BusyTime, { weekdays, everyWeek }: Repeat): void => {
    const { value: week, replace } = store.getState();
    if (weekdays.length > 0)
      replace('repeat a busy time', (w) => repeatBusy(w, busy, weekdays, () => nanoid(8)));
    const group = groups.data?.find((g) => g.value.id === week.groupId);
    if (!everyWeek || !group) return;
    const { id: _, calendarId: __, ...time } = busy;
    const days = [...new Set([weekdayOf(day.date), ...weekdays])].sort((a, b) => a - b);
    const standing: StandingTime = { ...time, id: nanoid(8), days };
    put.mutate(
      {
        baseVersion: group.version,
        value: { ...group.value, standing: [...group.value.standing, standing] },
      },
      {
        onSuccess: () => message.success(`New weeks of ${group.value.name} have it as well.`),
        onError: (error) => message.error(messageOf(error)),
      },
    );
  };
};
