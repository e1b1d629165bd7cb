import { Suspense, useSyncExternalStore } from 'react';
import { later } from '../later/later';
import { gate } from './gate';

const SignInDialog = later(async () => (await import('./SignInDialog')).SignInDialog);

/** Asks who one is as soon as the server wants to know, over whatever is on the screen. */
export const Gate = () => {
  const why = useSyncExternalStore(gate.subscribe, gate.why);
  return <Suspense>{why && <SignInDialog key={why} why={why} />}</Suspense>;
};
