import { useEffect, useState } from 'react';
import { request } from '../api/client';
import { say } from './words/words';

/** Whether this device is reminded: by the browser's push service, also while the page is closed. */
export type Reminded = 'cannot' | 'no' | 'yes' | 'asking';

const canBe = (): boolean =>
  'serviceWorker' in navigator && 'PushManager' in window && 'Notification' in window;

/** The worker of this page, once it runs; null where there is none. */
const workerOf = async (): Promise<ServiceWorkerRegistration | null> =>
  (await navigator.serviceWorker.getRegistration('/me/')) ?? null;

/** Being reminded on this device by the page behind an address, and the note about what came of asking for it. */
export const useDevice = (token: string) => {
  const [reminded, setReminded] = useState<Reminded>('cannot');
  const [note, setNote] = useState('');
  const path = `/api/desk/${encodeURIComponent(token)}/devices`;
  useEffect(() => {
    if (!canBe()) return;
    let here = true;
    void navigator.serviceWorker.ready
      .then((worker) => worker.pushManager.getSubscription())
      .then((own) => here && setReminded(own ? 'yes' : 'no'))
      .catch(() => here && setReminded('cannot'));
    return () => {
      here = false;
    };
  }, []);

  const begin = async (): Promise<void> => {
    setReminded('asking');
    try {
      if ((await Notification.requestPermission()) !== 'granted') {
        setNote(say('remindForbidden'));
        setReminded('no');
        return;
      }
      const { publicKey } = await request<{ publicKey: string }>('GET', path);
      const worker = await workerOf();
      if (!worker) throw new Error('the page has no worker');
      const device = await worker.pushManager.subscribe({
        userVisibleOnly: true,
        applicationServerKey: publicKey,
      });
      const { endpoint, keys } = device.toJSON();
      await request('POST', path, { endpoint, keys });
      setNote(say('remindedHere'));
      setReminded('yes');
    } catch (error) {
      console.error('reminders on this device', error);
      setNote(say('remindFailed'));
      setReminded('no');
    }
  };
  const end = async (): Promise<void> => {
    const device = await (await workerOf())?.pushManager.getSubscription();
    if (device) {
      await device.unsubscribe();
      // Where the server is away it is told by the push service, the next time it reminds.
      await request('DELETE', path, { endpoint: device.endpoint }).catch(() => {});
    }
    setNote(say('remindedHereNot'));
    setReminded('no');
  };
  return { reminded, note, begin: (): void => void begin(), end: (): void => void end() };
};
