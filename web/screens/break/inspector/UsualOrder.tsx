import { cite, published } from '@kotabi/core/reference';
import styles from './inspector.module.css';

const { staticHold } = published;

const ORDER = [
  ['Settle', 'Sit tall, feet under the knees; check in.'],
  ['Breathe', 'Two to five slow breaths.'],
  ['Mobilise', 'Move each area before it is held, small before large, both ways.'],
  [
    'Stretch',
    `Hold ${staticHold.leastSec} to ${staticHold.mostSec} s (${cite(staticHold)}), both sides the same; chest and upper back in turn.`,
  ],
  ['Activate', 'A little strength, if there is time.'],
  ['Release', 'Back to neutral, shake it out.'],
  ['Close', 'Notice what changed, one breath, back to work.'],
] as const;

/** What a break is made of, for a sheet that is still empty. Common practice. */
export const UsualOrder = () => (
  <>
    <h2>The usual order</h2>
    <ol className={styles.order}>
      {ORDER.map(([name, what]) => (
        <li key={name}>
          <b>{name}</b>
          <span className="muted small">{what}</span>
        </li>
      ))}
    </ol>
  </>
);
