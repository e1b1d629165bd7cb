import { ledLengthMs } from '@kotabi/core/lead';
import { type Break, stepsOf } from '@kotabi/core/model';
import type { Timeline } from '@kotabi/core/timing';
import styles from './lead.module.css';
import { useMoment, type WatchedStore } from './leadStore';

/** One segment a step, filled as far as its parts lie behind, second by second. */
export const Progress = ({
  brk,
  timeline,
  store,
}: {
  brk: Break;
  timeline: Timeline;
  store: WatchedStore;
}) => {
  useMoment(store, ({ lead }) => ({ index: lead.index, second: Math.floor(lead.elapsedMs / 1000) }));
  const { lead } = store.getState();
  return (
    <div className={styles.progress} aria-hidden="true">
      {stepsOf(brk).map((step) => {
        const own = timeline.parts.filter((p) => p.stepId === step.id);
        const whole = own.reduce((sum, p) => sum + ledLengthMs(timeline, lead, p.index), 0) || 1;
        const behind = own.reduce((sum, p) => {
          if (p.index < lead.index) return sum + ledLengthMs(timeline, lead, p.index);
          return p.index === lead.index ? sum + lead.elapsedMs : sum;
        }, 0);
        return (
          <div key={step.id} className={styles.segment} style={{ flexGrow: whole }}>
            <div style={{ width: `${(100 * behind) / whole}%` }} />
          </div>
        );
      })}
    </div>
  );
};
