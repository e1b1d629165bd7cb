import type { Fix } from '../../../edit/fix';
import { swapFix } from '../../choose';
import { eachStep } from '../../each-step';
import type { Finding } from '../../finding';

/** A break for a call holds only what nobody hears. */
export const call = eachStep((at, { resolved, lookup }): Finding[] => {
  if (!resolved.brk.onCall) return [];
  const { step, move, meanwhile } = at;
  if (move.discreet.call && (!meanwhile || meanwhile.discreet.call)) return [];
  const quiet = move.instead.map((id) => lookup(id)).filter((m) => m?.discreet.call);
  const instead = quiet.map((m) => swapFix(at, m)).find((f) => f !== undefined);
  const fix: Fix = instead ?? { do: 'remove', stepIds: [step.id] };
  return [{ code: 'notDiscreet', weight: 'caution', stepIds: [step.id], move: move.name, fix }];
});
