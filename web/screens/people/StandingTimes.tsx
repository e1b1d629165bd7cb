import type { StandingTime } from '@kotabi/core/model';
import { Button } from 'antd';
import { X } from 'lucide-react';
import { USE_NAME } from '../../dayband/Spans';
import { clock } from '../../words/time';
import styles from './people.module.css';
import { daysText } from './people-words';

/** The times that come into each new week of a group; they are entered in a week and can be taken out here. */
export const StandingTimes = ({
  value = [],
  onChange = () => {},
}: {
  value?: StandingTime[];
  onChange?: (times: StandingTime[]) => void;
}) => (
  <div className={styles.daysOff}>
    {value.map((s) => (
      <span key={s.id} className={styles.dayOff}>
        {daysText(s.days)} {clock(s.startMin)}–{clock(s.endMin)}, {s.label || USE_NAME[s.use]}
        <Button
          type="text"
          size="small"
          aria-label={`Take out ${s.label || USE_NAME[s.use]}`}
          icon={<X size={14} />}
          onClick={() => onChange(value.filter((x) => x !== s))}
        />
      </span>
    ))}
    {value.length === 0 && (
      <span className="muted small">Nothing is taken over into new weeks any more.</span>
    )}
  </div>
);
