import { createHash } from 'node:crypto';
import { Device } from '@kotabi/core/model';
import { and, eq, inArray } from 'drizzle-orm';
import type { Context } from '../context';
import { deskPages, devices } from '../db/schema';
import { sealName } from '../seal/seal';

/** A device that somebody wants to be reminded on, and the page from which they asked for it. */
export interface KeptDevice {
  id: string;
  token: string;
  device: Device;
}

/** What a device is known by: its address at the push service is a secret, so it is not kept in the open. */
const idOf = (endpoint: string): string => createHash('sha256').update(endpoint).digest('hex').slice(0, 32);

/** So many devices one person may be reminded on: a phone, two machines, and some to spare. */
export const MOST_DEVICES = 6;

/** Keeps a device for a page; the same one again is kept once. The oldest beyond `MOST_DEVICES` go. */
export const keepDevice = async (
  ctx: Context,
  page: { token: string; groupId: string; personId: string },
  device: Device,
): Promise<void> => {
  const id = idOf(device.endpoint);
  const row = {
    ...page,
    data: ctx.seal.close(device, sealName('device', id)),
    createdAt: ctx.now().toISOString(),
  };
  await ctx.db
    .insert(devices)
    .values({ id, ...row })
    .onConflictDoUpdate({ target: devices.id, set: row });
  const own = await ctx.db
    .select({ id: devices.id })
    .from(devices)
    .where(eq(devices.personId, page.personId))
    .orderBy(devices.createdAt);
  const tooMany = own.slice(0, -MOST_DEVICES).map((d) => d.id);
  if (tooMany.length > 0) await ctx.db.delete(devices).where(inArray(devices.id, tooMany));
};

/** Forgets a device of a page. */
export const dropDevice = async (ctx: Context, token: string, endpoint: string): Promise<void> => {
  await ctx.db.delete(devices).where(and(eq(devices.token, token), eq(devices.id, idOf(endpoint))));
};

/** The devices on which a person wants to be reminded, of pages that were not withdrawn. */
export const devicesOf = async (ctx: Context, personId: string): Promise<KeptDevice[]> => {
  const rows = await ctx.db
    .select({ id: devices.id, token: devices.token, data: devices.data, revokedAt: deskPages.revokedAt })
    .from(devices)
    .innerJoin(deskPages, eq(devices.token, deskPages.token))
    .where(eq(devices.personId, personId));
  return rows
    .filter((r) => r.revokedAt === null)
    .map(({ id, token, data }) => ({
      id,
      token,
      device: Device.parse(ctx.seal.open(data as never, sealName('device', id))),
    }));
};
