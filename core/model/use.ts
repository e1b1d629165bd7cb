import { z } from 'zod';

/**
 * What a busy time means for breaks. `meeting`: none may be there. `listening`: only discreet ones may. `focus`:
 * a break may be there but costs more. `off desk`: lunch, a walk; the run at the desk goes back to 0.
 */
export const BusyUse = z.enum(['meeting', 'listening', 'focus', 'off desk']);
export type BusyUse = z.infer<typeof BusyUse>;
