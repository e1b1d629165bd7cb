import type { Group, Kept } from '@kotabi/core/model';
import { DatePicker, Input, Select } from 'antd';
import dayjs from 'dayjs';
import { Search } from 'lucide-react';
import type { LogWish } from '../../api/queries';
import { usePeople } from '../../api/queries';
import styles from './log.module.css';

const ENDINGS = [
  { value: '', label: 'however it ended' },
  { value: 'to the end', label: 'led to the end' },
  { value: 'stopped', label: 'stopped before' },
  { value: 'skipped through', label: 'mostly left out' },
  { value: 'events', label: 'something happened' },
];

/** What of the log is shown: words, group, person, days, and how it ended. */
export const LogFilters = ({
  wish,
  set,
  groups,
}: {
  wish: LogWish;
  set: (more: LogWish) => void;
  groups: readonly Kept<Group>[];
}) => {
  const people = usePeople(wish.groupId || undefined).data ?? [];
  return (
    <div className={styles.filters} role="search">
      <Input
        aria-label="Search the log"
        placeholder="break, move, word of a note"
        prefix={<Search size={15} />}
        allowClear
        maxLength={100}
        value={wish.q ?? ''}
        onChange={(e) => set({ q: e.target.value || undefined })}
        style={{ width: 260 }}
      />
      <Select
        aria-label="Group"
        value={wish.groupId ?? ''}
        style={{ width: 190 }}
        options={[
          { value: '', label: 'every group' },
          ...groups.map((g) => ({ value: g.value.id, label: g.value.name })),
        ]}
        onChange={(groupId) => set({ groupId: groupId || undefined, personId: undefined })}
      />
      {wish.groupId && people.length > 0 && (
        <Select
          aria-label="Who took part"
          value={wish.personId ?? ''}
          style={{ width: 150 }}
          options={[
            { value: '', label: 'whoever came' },
            ...people.map((p) => ({ value: p.value.id, label: p.value.name })),
          ]}
          onChange={(personId) => set({ personId: personId || undefined })}
        />
      )}
      <DatePicker.RangePicker
        aria-label="Days"
        allowEmpty={[true, true]}
        value={[wish.from ? dayjs(wish.from) : null, wish.until ? dayjs(wish.until) : null]}
        format="D MMM YYYY"
        placeholder={['from', 'until']}
        onChange={(days) =>
          set({ from: days?.[0]?.format('YYYY-MM-DD'), until: days?.[1]?.format('YYYY-MM-DD') })
        }
        style={{ width: 250 }}
      />
      <Select
        aria-label="How it ended"
        value={wish.ending ?? ''}
        style={{ width: 180 }}
        options={ENDINGS}
        onChange={(ending) => set({ ending: ending || undefined })}
      />
    </div>
  );
};
