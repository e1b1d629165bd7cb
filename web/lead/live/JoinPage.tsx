import { LiveBreak, LiveState } from '@kotabi/core/model';
import { useEffect, useState } from 'react';
import { z } from 'zod';
import { ApiFailure, messageOf, request } from '../../api/client';
import { useTitle } from '../../shell/useTitle';
import { Button } from '../Button';
import styles from '../lead.module.css';
import { measureOffset, steadyNow } from './clock';
import { FollowedRoom } from './FollowedRoom';

const Told = z.object({ state: LiveState.nullable(), now: z.number() });
const Whole = Told.extend({ what: LiveBreak });

/** A break that is led elsewhere, in step on this screen: no account, no name. Who comes late comes in at the right moment. */
export const JoinPage = ({ token }: { token: string }) => {
  useTitle('Together');
  const [what, setWhat] = useState<LiveBreak | null>(null);
  const [state, setState] = useState<LiveState | null>(null);
  const [offsetMs, setOffset] = useState(0);
  const [easier, setEasier] = useState(false);
  const [over, setOver] = useState<string | null>(null);
  const [alone, setAlone] = useState(false);
  useEffect(() => {
    const path = `/api/live-view/${encodeURIComponent(token)}`;
    let events: EventSource | null = null;
    let gone = false;
    const begin = async (): Promise<void> => {
      try {
        const ask = async (): Promise<number> => (await request<{ now: number }>('GET', '/api/clock')).now;
        const { offsetMs: ahead } = await measureOffset(ask, steadyNow);
        const whole = Whole.parse(await request('GET', path));
        if (gone) return;
        setOffset(ahead);
        setWhat(whole.what);
        setState(whole.state);
        events = new EventSource(path);
        events.addEventListener('state', ({ data }) => {
          setAlone(false);
          const told = Told.safeParse(JSON.parse(data));
          if (told.success) setState(told.data.state);
        });
        events.addEventListener('gone', () => {
          events?.close();
          setOver('This break is over.');
        });
        // The server is gone for now: what is shown goes on by itself, to the end.
        events.onerror = () => setAlone(true);
      } catch (error) {
        if (gone) return;
        if (error instanceof ApiFailure && error.status === 404) setOver(messageOf(error));
        else setTimeout(() => !gone && void begin(), 2000);
      }
    };
    void begin();
    return () => {
      gone = true;
      events?.close();
    };
  }, [token]);
  const running = state?.led.status === 'running' || state?.led.status === 'paused';
  if (over && !running)
    return (
      <div className={styles.dark}>
        <main className={styles.after}>
          <h1 className={styles.bigTitle}>{over}</h1>
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
