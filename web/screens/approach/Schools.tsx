import type { Approach, School } from '@kotabi/core/model';
import { School as SchoolShape } from '@kotabi/core/model';
import { Button, Input } from 'antd';
import { Trash2 } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import styles from './approach.module.css';

interface Props {
  schools: readonly School[];
  /** The answers that stand on the page now. */
  answers: Approach;
  /** The answers that are kept as one's own. */
  own: Approach;
  change: (schools: School[]) => void;
}

/** Only what differs from one's own: what a school leaves out follows one's own answers. */
const differing = (answers: Approach, own: Approach): Partial<Approach> =>
  Object.fromEntries(
    Object.entries(answers).filter(([key, answer]) => own[key as keyof Approach] !== answer),
  );

const countText = (count: number): string => `${count} answer${count === 1 ? '' : 's'} of its own`;

/** Schools: answers kept under a name, to be chosen for a group or a break. */
export const Schools = ({ schools, answers, own, change }: Props) => {
  const [name, setName] = useState('');
  const different = differing(answers, own);
  const count = Object.keys(different).length;
  const parsed = SchoolShape.safeParse({ id: nanoid(10), name, answers: different });
  const taken = schools.some((s) => s.name.toLowerCase() === name.trim().toLowerCase());
  const add = (): void => {
    if (!parsed.success || taken || count === 0) return;
    change([...schools, parsed.data]);
    setName('');
  };
  return (
    <section className={`card ${styles.schools}`} aria-label="Schools">
      <h2>Schools</h2>
      <p className="muted small">
        Another way of teaching under a name, for a group or a single break. Change answers on the left, name
        them here, then go back to what is kept.
      </p>
      {schools.length > 0 && (
        <ul>
          {schools.map((s) => (
            <li key={s.id}>
              <span>
                <b>{s.name}</b>
                <span className="muted small">{Object.values(s.answers).join(', ')}</span>
              </span>
              <Button
                type="text"
                size="small"
                aria-label={`Delete the school ${s.name}`}
                icon={<Trash2 size={15} />}
                onClick={() => change(schools.filter((one) => one.id !== s.id))}
              />
            </li>
          ))}
        </ul>
      )}
      <div className={styles.newSchool}>
        <Input
          aria-label="Name of a new school"
          placeholder="late shift …"
          maxLength={60}
          value={name}
          onChange={(e) => setName(e.target.value)}
          onPressEnter={add}
        />
        <Button disabled={!parsed.success || taken || count === 0} onClick={add}>
          Keep as a school
        </Button>
      </div>
      <p className="muted small">
        {taken
          ? 'There is a school of that name.'
          : count === 0
            ? 'No answer differs from yours yet.'
            : `The answers on the left: ${countText(count)}.`}
      </p>
    </section>
  );
};
