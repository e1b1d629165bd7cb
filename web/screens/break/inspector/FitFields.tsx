import type { Step } from '@kotabi/core/model';
import { Select, Switch } from 'antd';
import { useId } from 'react';
import type { Change } from '../useActions';
import styles from './inspector.module.css';

const chosen = ({ keep, priority }: Step): string => (keep ? 'keep' : String(priority ?? 'usual'));

interface Props {
  step: Step;
  /** Nothing but words: there is no dose to lock. */
  words: boolean;
  change: Change;
}

/** What happens to the step when the break is fitted to its slot. */
export const FitFields = ({ step, words, change }: Props) => {
  const id = useId();
  return (
    <div className={styles.fields}>
      <label htmlFor={`${id}priority`}>If time is short</label>
      <Select
        id={`${id}priority`}
        value={chosen(step)}
        options={[
          { value: '1', label: 'goes first' },
          { value: 'usual', label: 'usual' },
          { value: '3', label: 'goes last' },
          { value: 'keep', label: 'always stays' },
        ]}
        onChange={(value) =>
          change('change the priority', (s) => {
            if (value === 'keep') s.keep = true;
            else delete s.keep;
            if (value === '1' || value === '3') s.priority = Number(value);
            else delete s.priority;
          })
        }
      />
      {!words && (
        <>
          <label htmlFor={`${id}lock`}>Dose locked</label>
          <div className={styles.pair}>
            <Switch
              id={`${id}lock`}
              size="small"
              checked={step.locked ?? false}
              onChange={(on) =>
                change('lock the dose', (s) => {
                  if (on) s.locked = true;
                  else delete s.locked;
                })
              }
            />
          </div>
        </>
      )}
    </div>
  );
};
