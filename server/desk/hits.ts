import type { Request } from 'express';
import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible';
import { Refusal } from '../errors';

/** So many hits of one address within a minute are plenty. */
const HITS = { points: 90, duration: 60 };

/** Counts a hit of the page named in the address; refuses with 429 beyond `HITS`. */
export type CountHit = (req: Request) => Promise<void>;

/** A counter of its own, held in memory. */
export const hitCounter = (): CountHit => {
  const hits = new RateLimiterMemory(HITS);
  return async (req) => {
    try {
      await hits.consume(String(req.params.token));
    } catch (error) {
      if (error instanceof RateLimiterRes)
        throw new Refusal(429, 'tooMany', 'That was asked too often. Wait a minute.');
      throw error;
    }
  };
};
