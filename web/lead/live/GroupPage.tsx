import { LiveBreak, type LiveState } from '@kotabi/core/model';
import { useEffect, useState } from 'react';
import { useTitle } from '../../shell/useTitle';
import styles from '../lead.module.css';
import { FollowedRoom } from './FollowedRoom';
import { channelName, WindowMessage as Message, type WindowMessage } from './useGroupWindow';

/** The group's view in a window of its own, kept in step with the one that leads in this browser. */
export const GroupPage = ({ breakId }: { breakId: string }) => {
  useTitle('For the group');
  const [what, setWhat] = useState<LiveBreak | null>(null);
  const [state, setState] = useState<LiveState | null>(null);
  useEffect(() => {
    const channel = new BroadcastChannel(channelName(breakId));
    const send = (message: WindowMessage): void => channel.postMessage(message);
    channel.onmessage = ({ data }) => {
      const message = Message.safeParse(data);
      if (!message.success) return;
      if (message.data.what === 'state') setState(message.data.state);
      if (message.data.what === 'break') {
        const brk = LiveBreak.safeParse(message.data.brk);
        if (brk.success) setWhat(brk.data);
      }
    };
    send({ what: 'hello' });
    // Until the other window answers it is asked again: it may be opened later, or loaded anew.
    const asking = setInterval(() => send({ what: 'hello' }), 1500);
    const bye = (): void => send({ what: 'bye' });
    window.addEventListener('pagehide', bye);
    return () => {
      clearInterval(asking);
      window.removeEventListener('pagehide', bye);
      channel.close();
    };
  }, [breakId]);
  return (
    <div className={styles.dark}>
      <FollowedRoom what={what} state={state} offsetMs={0} waiting="Waiting for the window that leads …" />
    </div>
  );
};
