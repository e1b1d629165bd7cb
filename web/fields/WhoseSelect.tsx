import type { Person } from '@kotabi/core/model';
import { Select } from 'antd';

const WHOLE = 'group';

/** For whom something is made: a whole group (null), or one person of it. */
export const WhoseSelect = ({
  label,
  people,
  value,
  set,
}: {
  label: string;
  people: readonly Person[];
  value: string | null;
  set: (personId: string | null) => void;
}) => (
  <Select
    aria-label={label}
    value={value ?? WHOLE}
    style={{ minWidth: 190 }}
    options={[
      { value: WHOLE, label: 'for the whole group' },
      ...people.map((p) => ({ value: p.id, label: `for ${p.name}` })),
    ]}
    onChange={(id) => set(id === WHOLE ? null : id)}
  />
);
