import { AsyncLocalStorage } from 'node:async_hooks';
import type { Role } from '@kotabi/core/model';

/** On whose behalf something is done. */
export interface Actor {
  /** The account; empty where nobody signs in. What was made then belongs to nobody else. */
  id: string;
  name: string;
  roles: readonly Role[];
}

/** Whoever sits at this machine, as long as nobody has to sign in. */
export const house: Actor = { id: '', name: '', roles: ['instructor', 'keeper'] };

/** Somebody who has not said who they are: nothing belongs to them, and nothing is shared with them. */
export const nobody: Actor = { id: '-', name: '', roles: [] };

const acting = new AsyncLocalStorage<Actor>();

/** Does something on somebody's behalf: from here on only what they may see or change is there. */
export const asActor = <T>(who: Actor, work: () => T): T => acting.run(who, work);

/** On whose behalf this is done; null for the server's own work (reminders, calendars), which may see everything. */
export const actor = (): Actor | null => acting.getStore() ?? null;
