import styles from './desk.module.css';
import { useDevice } from './useDevice';
import { say } from './words/words';

/** Reminders on this device, where its browser can: asked for by one press, ended by another. */
export const RemindHere = ({ token, offline }: { token: string; offline: boolean }) => {
  const { reminded, note, begin, end } = useDevice(token);
  if (reminded === 'cannot') return null;
  return (
    <>
      <button
        type="button"
        className={styles.link}
        disabled={reminded === 'asking' || offline}
        onClick={reminded === 'yes' ? end : begin}
      >
        {say(reminded === 'yes' ? 'remindHereNot' : 'remindHere')}
      </button>
      <p className={styles.small} role="status">
        {note}
      </p>
    </>
  );
};
