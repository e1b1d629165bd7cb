import { approachQuestions } from '@kotabi/core/approach';
import type { Approach, ApproachQuestion } from '@kotabi/core/model';
import { Select } from 'antd';
import styles from './approach.module.css';

/** A break's own answers over the instructor's: each question as taught, or otherwise for this break only. */
export const OwnAnswers = ({
  own,
  override,
  change,
}: {
  own: Approach;
  override: Partial<Approach>;
  change: (key: ApproachQuestion, answer: string | undefined) => void;
}) => (
  <div className={styles.own}>
    {approachQuestions.map(({ key, ask, answers }) => (
      <label key={key} htmlFor={`own-${key}`}>
        <span>{ask}</span>
        <Select
          id={`own-${key}`}
          size="small"
          value={override[key] ?? ''}
          options={[
            { value: '', label: `as I teach: ${own[key]}` },
            ...answers.filter((a) => a !== own[key]).map((a) => ({ value: a, label: a })),
          ]}
          onChange={(answer) => change(key, answer || undefined)}
        />
      </label>
    ))}
  </div>
);
