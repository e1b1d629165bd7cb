import styles from './desk.module.css';
import { say } from './words/words';

const LINES = ['caution1', 'caution2', 'caution3', 'caution4'] as const;

/** What to watch for: before the first time, and one press away ever after. */
export const Cautions = ({ done }: { done: () => void }) => (
  <section className={styles.cautions} aria-label={say('cautions')}>
    <h2>{say('cautions')}</h2>
    <ul>
      {LINES.map((line) => (
        <li key={line}>{say(line)}</li>
      ))}
    </ul>
    <button type="button" className={styles.main} onClick={done}>
      {say('understood')}
    </button>
  </section>
);
