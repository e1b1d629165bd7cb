import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible';
import { Refusal } from '../errors';

/** So many wrong passwords for one name, and from one address, before one has to wait. Common practice, no source. */
const FOR_NAME = { points: 8, duration: 15 * 60 };
const FROM_ADDRESS = { points: 40, duration: 15 * 60 };

/** Counts wrong passwords, so that nobody finds one by trying. Right ones are not counted. */
export class Tries {
  private readonly names = new RateLimiterMemory(FOR_NAME);
  private readonly addresses = new RateLimiterMemory(FROM_ADDRESS);

  /** Runs a check of a password. Throws a refusal that says how long to wait where too many were wrong. */
  async count<T>(name: string, address: string, check: () => Promise<T | undefined>): Promise<T | undefined> {
    const key = name.trim().toLowerCase().slice(0, 40);
    try {
      // Counted before it is looked at, so that many at once gain nothing.
      await this.names.consume(key);
      await this.addresses.consume(address);
    } catch (error) {
      if (!(error instanceof RateLimiterRes)) throw error;
      const seconds = Math.ceil(error.msBeforeNext / 1000);
      throw new Refusal(
        429,
        'tooManyTries',
        `Too many tries. Wait ${Math.ceil(seconds / 60)} minutes, or ask whoever looks after accounts for a new password.`,
        [],
        seconds,
      );
    }
    const found = await check();
    if (found !== undefined) {
      await this.names.delete(key);
      await this.addresses.reward(address);
    }
    return found;
  }
}
