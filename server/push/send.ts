import type { Device, PushNotice } from '@kotabi/core/model';
import type { Context } from '../context';
import { namesInside } from '../net/outside';
import { GRACE_MIN } from '../reminders/due';
import { keysOf } from './keys';

/** A push service that is silent must not hold up what else is due. */
const PATIENCE_MS = 5000;
/** Whom a push service may write to, where this server has no address of its own. */
const NOBODY = 'mailto:breaks@localhost.localdomain';

/** True where a device may be written to: outside and sealed on the way, or at the push service that ships with the demo. */
export const mayReach = (ctx: Context, endpoint: string): boolean => {
  const url = new URL(endpoint);
  return url.origin === ctx.pushService || (url.protocol === 'https:' && !namesInside(url));
};

/**
 * Sends a notice to a device, sealed for it alone (RFC 8291) and signed as from this server (RFC 8292). Answers `gone` where
 * the push service says that the device does not want any more; throws where the service does not take it.
 */
export const sendPush = async (
  ctx: Context,
  device: Device,
  notice: PushNotice,
): Promise<'sent' | 'gone'> => {
  const { default: webPush } = await import('web-push');
  const { fetch, anywhere, outside } = await import('../net/connections');
  const own = ctx.outside?.();
  const { endpoint, method, headers, body } = webPush.generateRequestDetails(device, JSON.stringify(notice), {
    vapidDetails: { subject: own?.startsWith('https:') ? own : NOBODY, ...(await keysOf(ctx)) },
    // Later than this the reminder would come too late, so nobody keeps it any longer.
    TTL: GRACE_MIN * 60,
    urgency: 'high',
    contentEncoding: 'aes128gcm',
  });
  const { status } = await fetch(endpoint, {
    method,
    headers: headers as Record<string, string>,
    body,
    redirect: 'manual',
    signal: AbortSignal.timeout(PATIENCE_MS),
    dispatcher: new URL(endpoint).origin === ctx.pushService ? anywhere : outside,
  });
  if (status === 404 || status === 410) return 'gone';
  if (status < 200 || status >= 300) throw new Error(`the push service answered with ${status}`);
  return 'sent';
};
