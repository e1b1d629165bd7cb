import type { LiveBreak, LiveCommand, LivePresence, LiveState } from '@kotabi/core/model';
import { type Channel, createChannel, createSession } from 'better-sse';
import type { Request, Response } from 'express';

/** So many screens follow one break. */
export const MOST_SCREENS = 500;
/** So many remotes steer one break. */
const MOST_REMOTES = 5;
/** Screens are told that the connection lives so often, ms: proxies end silent ones. */
const ALIVE_MS = 10_000;
/** They ask again so soon after the connection was lost, ms. */
const RETRY_MS = 1500;

/** What is pushed to screens and remotes. */
export interface Told {
  state: LiveState | null;
  /** The clock of this server when it was said, ms since 1970. */
  now: number;
}

const listen = async (channel: Channel, req: Request, res: Response): Promise<void> => {
  const session = await createSession(req, res, {
    keepAlive: ALIVE_MS,
    retry: RETRY_MS,
    // A proxy must hand every event on at once.
    headers: { 'X-Accel-Buffering': 'no' },
  });
  channel.register(session);
};

/** One break that others follow: what it is, where it stands, and everyone who listens. Only ever in memory. */
export class Room {
  state: LiveState | null = null;
  /** The code by which one remote joins, and until when. */
  code: { text: string; until: number } | null = null;
  readonly remotes = new Set<string>();
  touchedAt: number;
  private readonly screens = createChannel();
  private readonly leader = createChannel();
  private readonly steering = createChannel();

  /** The group for which it is led, where that was said. */
  groupId: string | null = null;

  constructor(
    readonly id: string,
    readonly token: string,
    readonly owner: string,
    readonly what: LiveBreak,
    private readonly now: () => number,
  ) {
    this.touchedAt = now();
    for (const channel of [this.screens, this.steering]) {
      channel.on('session-registered', () => this.tellPresence());
      channel.on('session-deregistered', () => this.tellPresence());
    }
  }

  get told(): Told {
    return { state: this.state, now: this.now() };
  }
  get presence(): LivePresence {
    return { screens: this.screens.sessionCount, remotes: this.steering.sessionCount };
  }
  get isFull(): boolean {
    return this.screens.sessionCount >= MOST_SCREENS;
  }
  get hasRemotes(): boolean {
    return this.remotes.size >= MOST_REMOTES;
  }

  /** Tells everyone where it stands now. */
  tell(state: LiveState): void {
    this.state = state;
    this.touchedAt = this.now();
    this.screens.broadcast(this.told, 'state');
    this.steering.broadcast(this.told, 'state');
  }

  /** Hands a wish of a remote on to whoever leads. False where nobody is there to hear it. */
  command(command: LiveCommand): boolean {
    this.touchedAt = this.now();
    if (this.leader.sessionCount === 0) return false;
    this.leader.broadcast(command, 'command');
    return true;
  }

  async follow(req: Request, res: Response): Promise<void> {
    await listen(this.screens, req, res);
  }
  async steer(req: Request, res: Response): Promise<void> {
    await listen(this.steering, req, res);
  }
  async lead(req: Request, res: Response): Promise<void> {
    await listen(this.leader, req, res);
    this.tellPresence();
  }

  /** Takes all remotes back; whoever steered is told. */
  revoke(): void {
    this.remotes.clear();
    this.code = null;
    this.steering.broadcast({}, 'gone');
  }

  /** Tells everyone that it is over. */
  end(): void {
    for (const channel of [this.screens, this.steering, this.leader]) channel.broadcast({}, 'gone');
  }

  private tellPresence(): void {
    this.leader.broadcast(this.presence, 'presence');
  }
}
