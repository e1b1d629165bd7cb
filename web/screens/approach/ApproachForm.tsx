import { approachQuestions } from '@kotabi/core/approach';
import { type Approach, defaultApproach } from '@kotabi/core/model';
import { published } from '@kotabi/core/reference';
import { Radio } from 'antd';
import { Cited } from '../../words/Cited';
import styles from './approach.module.css';

interface Props {
  value: Approach;
  change: (value: Approach) => void;
  /** What is kept now, so that a new answer can be seen. */
  kept: Approach;
}

/** The questions, each answer with its reason beside it. */
export const ApproachForm = ({ value, change, kept }: Props) => (
  <div className={styles.questions}>
    {approachQuestions.map(({ key, ask, answers, why, source }) => (
      <fieldset
        key={key}
        className={`card ${styles.question} ${value[key] !== kept[key] ? styles.changed : ''}`}
      >
        <legend>{ask}</legend>
        <Radio.Group
          aria-label={ask}
          value={value[key]}
          onChange={(e) => change({ ...value, [key]: e.target.value as never })}
        >
          {answers.map((answer, i) => (
            <Radio key={answer} value={answer}>
              <b>
                {answer}
                {answer === defaultApproach[key] && <i className={styles.usual}>usual</i>}
              </b>
              <span className="muted small">{why[i]}</span>
            </Radio>
          ))}
        </Radio.Group>
        {source && (
          <p className="muted small">
            <Cited source={published[source]} />
          </p>
        )}
      </fieldset>
    ))}
  </div>
);
