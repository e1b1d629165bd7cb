import type { Context } from '../context';
import { pushKeys } from '../db/schema';
import { sealName } from '../seal/seal';

/** By which push services know this server (VAPID, RFC 8292): the public part goes to browsers, the private one stays sealed. */
export interface PushKeys {
  publicKey: string;
  privateKey: string;
}

const ID = 'push';

/** The keys of this server; they are made when they are asked for first, and stay: devices are bound to them. */
export const keysOf = async (ctx: Context): Promise<PushKeys> => {
  const [row] = await ctx.db.select().from(pushKeys);
  if (row)
    return {
      publicKey: row.publicKey,
      privateKey: ctx.seal.open(row.data as never, sealName('push', ID)) as string,
    };
  const { default: webPush } = await import('web-push');
  const { publicKey, privateKey } = webPush.generateVAPIDKeys();
  await ctx.db
    .insert(pushKeys)
    .values({ id: ID, publicKey, data: ctx.seal.close(privateKey, sealName('push', ID)) })
    .onConflictDoNothing();
  // Of two that make them at once one comes first.
  return keysOf(ctx);
};
