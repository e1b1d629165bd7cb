import { useState } from 'react';
import { useTitle } from '../../shell/useTitle';
import { Button } from '../Button';
import styles from '../lead.module.css';
import { FollowedRoom } from './FollowedRoom';
import { useLive } from './useLive';

/** A break that is led elsewhere, in step on this screen: no account, no name. Who comes late comes in at the right moment. */
export const JoinPage = ({ token }: { token: string }) => {
  useTitle('Together');
  const { what, state, offsetMs, alone, ended } = useLive(`/api/live-view/${encodeURIComponent(token)}`);
  const [easier, setEasier] = useState(false);
  const running = state?.led.status === 'running' || state?.led.status === 'paused';
  if (ended !== null && !running)
    return (
      <div className={styles.dark}>
        <main className={styles.after}>
          <h1 className={styles.bigTitle}>{ended || 'This break is over.'}</h1>
          <p className={styles.sub}>You can close this page.</p>
        </main>
      </div>
    );
  const hasEasier = what?.choices.some((c) => c.easier) ?? false;
  return (
    <div className={styles.dark}>
      <FollowedRoom
        what={what}
        state={state}
        offsetMs={offsetMs}
        waiting="One moment …"
        easier={easier}
        foot={
          <div className={styles.controls} role="toolbar" aria-label="This screen">
            {hasEasier && (
              <Button aria-pressed={easier} onClick={() => setEasier(!easier)}>
                {easier ? 'Show the usual version' : 'Show the easier version'}
              </Button>
            )}
            {alone && <span className={styles.dim}>No connection: this goes on by itself.</span>}
            <span className={styles.dim}>Mild tension, never pain. Stop whenever you like.</span>
          </div>
        }
      />
    </div>
  );
};
