import type { Approach, School } from '@kotabi/core/model';
import { Select } from 'antd';
import { useId } from 'react';
import styles from './approach.module.css';

/** Whether two sets of answers say the same. */
const same = (a: Partial<Approach>, b: Partial<Approach>): boolean => {
  const keys = new Set([...Object.keys(a), ...Object.keys(b)]) as Set<keyof Approach>;
  return [...keys].every((key) => a[key] === b[key]);
};

/** The school whose answers a break gives: chosen, all of its answers are taken over at once. */
export const SchoolSelect = ({
  schools,
  answers,
  take,
}: {
  schools: readonly School[];
  answers: Partial<Approach>;
  take: (answers: Partial<Approach>) => void;
}) => {
  const id = useId();
  const now = schools.find((s) => same(s.answers, answers));
  const plain = Object.keys(answers).length === 0;
  return (
    <label className={styles.school} htmlFor={id}>
      <span>School</span>
      <Select
        id={id}
        value={now?.id ?? (plain ? '' : 'own')}
        options={[
          { value: '', label: 'as I teach' },
          ...schools.map((s) => ({ value: s.id, label: s.name })),
          ...(now || plain ? [] : [{ value: 'own', label: 'answers of its own', disabled: true }]),
        ]}
        onChange={(value) => take(schools.find((s) => s.id === value)?.answers ?? {})}
      />
    </label>
  );
};
