import { randomInt } from 'node:crypto';
import type { LiveBreak } from '@kotabi/core/model';
import { nanoid } from 'nanoid';
import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible';
import { notFound, Refusal } from '../errors';
import { Room } from './room';

/** Long enough that nobody guesses it: 32 letters of 64, 192 bits. */
const TOKEN_LENGTH = 32;
/** A code of so many digits is read aloud; it counts once, for so long, and few are tried. */
const CODE_DIGITS = 6;
const CODE_MS = 5 * 60_000;
const TRIES = { points: 10, duration: 5 * 60 };
/** So many wishes of one remote within ten seconds are plenty. */
const WISHES = { points: 25, duration: 10 };
/** So many breaks are followed at once; a room in which nothing happens for so long is closed. */
const MOST_ROOMS = 100;
const QUIET_MS = 6 * 3_600_000;
/** So many of one instructor: whoever opens one more has left the oldest behind. */
const MOST_OF_ONE = 5;

/** Every break that is followed by others now. */
export class Rooms {
  private readonly rooms = new Map<string, Room>();
  private readonly tries = new RateLimiterMemory(TRIES);
  private readonly wishes = new RateLimiterMemory(WISHES);

  constructor(private readonly now: () => number) {}

  open(what: LiveBreak, owner: string, groupId: string | null = null): Room {
    this.closeQuiet();
    const own = [...this.rooms.values()].filter((r) => r.owner === owner);
    const [oldest] = own.sort((a, b) => a.touchedAt - b.touchedAt);
    if (oldest && own.length >= MOST_OF_ONE) this.close(oldest);
    if (this.rooms.size >= MOST_ROOMS)
      throw new Refusal(503, 'busy', `${MOST_ROOMS} breaks are followed at once already. Try again later.`);
    const room = new Room(nanoid(), nanoid(TOKEN_LENGTH), owner, what, this.now);
    room.groupId = groupId;
    this.rooms.set(room.id, room);
    return room;
  }

  /** The room of whoever opened it. */
  mine(id: string, owner: string): Room {
    const room = this.rooms.get(id);
    if (!room || room.owner !== owner) throw notFound('shared break', id);
    return room;
  }

  /** The break that is led for a group right now, as far as whoever leads it said for whom. */
  ofGroup(groupId: string): Room | undefined {
    return [...this.rooms.values()].find((r) => r.groupId === groupId);
  }

  followed(token: string): Room {
    const room = [...this.rooms.values()].find((r) => r.token === token);
    if (!room) throw new Refusal(404, 'notFound', 'This break is over, or its address was withdrawn.');
    return room;
  }

  close(room: Room): void {
    room.end();
    this.rooms.delete(room.id);
  }

  /** A new code; the one before it counts no more. */
  newCode(room: Room): { code: string; until: number } {
    const taken = new Set([...this.rooms.values()].flatMap((r) => r.code?.text ?? []));
    let text: string;
    do text = String(randomInt(10 ** CODE_DIGITS)).padStart(CODE_DIGITS, '0');
    while (taken.has(text));
    const until = this.now() + CODE_MS;
    room.code = { text, until };
    return { code: text, until };
  }

  /** Lets a remote in by its code, once. */
  async join(code: string, address: string): Promise<string> {
    await this.count(this.tries, address, 'Too many codes were tried. Wait five minutes.');
    const room = [...this.rooms.values()].find((r) => r.code?.text === code.replace(/\s/g, ''));
    if (!room?.code || room.code.until < this.now())
      throw new Refusal(404, 'notFound', 'This code does not count, or no more. Ask for a new one.', [
        { path: 'code', message: 'is not one that counts now' },
      ]);
    if (room.hasRemotes)
      throw new Refusal(
        409,
        'conflict',
        'As many phones as can steer this break already do. Take one back first.',
      );
    // A right code is no try.
    await this.tries.reward(address);
    room.code = null;
    const remote = nanoid(TOKEN_LENGTH);
    room.remotes.add(remote);
    return remote;
  }

  /** The room that a remote steers. */
  steered(remote: string): Room {
    const room = [...this.rooms.values()].find((r) => r.remotes.has(remote));
    if (!room) throw new Refusal(404, 'notFound', 'This remote was taken back, or the break is over.');
    return room;
  }

  countWish(remote: string): Promise<void> {
    return this.count(this.wishes, remote, 'So many presses at once are not followed. Try again.');
  }

  private async count(limiter: RateLimiterMemory, key: string, message: string): Promise<void> {
    try {
      await limiter.consume(key);
    } catch (error) {
      if (!(error instanceof RateLimiterRes)) throw error;
      throw new Refusal(429, 'tooManyTries', message, [], Math.ceil(error.msBeforeNext / 1000));
    }
  }

  private closeQuiet(): void {
    for (const room of this.rooms.values()) if (this.now() - room.touchedAt > QUIET_MS) this.close(room);
  }
}
