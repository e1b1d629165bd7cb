import type { Context } from '../context';
import { pageOf } from '../desk/pages';
import { keepDevice } from '../push/devices';
import { keysOf } from '../push/keys';
import type { PushStandIn } from '../stand-ins/push';
import { demoPeople } from './people';

/** Who wants to be reminded on a device: somebody who gave no address for mails. */
const WHO = 'p-3';

/** Reminds one of the made-up people on a device of the stand-in push service, which knows its devices until it ends. */
export const remindDemo = async (ctx: Context, push: PushStandIn, address: string): Promise<void> => {
  const kept = await ctx.people.get(WHO);
  const name = demoPeople.find((p) => p.id === WHO)?.name;
  // The demo may have been changed: somebody who was deleted is not reminded.
  if (!kept || !name) return;
  await ctx.asOwnerOf(kept.value.groupId, async () => {
    const token = await pageOf(ctx, kept.value);
    const device = push.subscribe(address, (await keysOf(ctx)).publicKey, `the stand-in phone of ${name}`);
    await keepDevice(ctx, { token, groupId: kept.value.groupId, personId: WHO }, device);
  });
};
