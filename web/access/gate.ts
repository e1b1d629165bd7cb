import { type Entrance, onSignInNeeded } from '../api/client';

/** Why somebody is asked who they are; null while nobody is. */
let why: Entrance | null = null;
let waiting: (() => void)[] = [];
const listeners = new Set<() => void>();
const tell = (): void => {
  for (const listener of listeners) listener();
};

/** Holds up everything that is asked of the server until somebody has said who they are. */
export const gate = {
  subscribe: (listener: () => void): (() => void) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  },
  why: (): Entrance | null => why,
  /** Somebody is asked, and what waits goes on when they have answered. */
  ask: (reason: Entrance): Promise<void> =>
    new Promise((go) => {
      waiting.push(go);
      why = reason;
      tell();
    }),
  /** The first account is there: now one signs in with it. */
  turnTo: (reason: Entrance): void => {
    why = reason;
    tell();
  },
  open: (): void => {
    const all = waiting;
    waiting = [];
    why = null;
    tell();
    for (const go of all) go();
  },
};
onSignInNeeded(gate.ask);
