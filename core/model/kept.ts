import { z } from 'zod';

/** Something kept by the server: the thing itself, with a version that rises by 1 with each change. */
export const Kept = <T extends z.ZodType>(value: T) =>
  z.object({ version: z.int().min(1), updatedAt: z.iso.datetime(), value });
export interface Kept<T> {
  version: number;
  updatedAt: string;
  value: T;
}

/** A change sent to the server: the version it is based on (0 for something new) and the new state. */
export const Change = <T extends z.ZodType>(value: T) => z.object({ baseVersion: z.int().min(0), value });
export interface Change<T> {
  baseVersion: number;
  value: T;
}
