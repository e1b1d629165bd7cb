import { lazy, Suspense, useSyncExternalStore } from 'react';
import { gate } from './gate';

const SignInDialog = lazy(() => import('./SignInDialog').then((m) => ({ default: m.SignInDialog })));

/** Asks who one is as soon as the server wants to know, over whatever is on the screen. */
export const Gate = () => {
  const why = useSyncExternalStore(gate.subscribe, gate.why);
  return <Suspense>{why && <SignInDialog key={why} why={why} />}</Suspense>;
};
