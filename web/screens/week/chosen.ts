import type { IsoDate } from '@kotabi/core/model';

/** What of the week is chosen. */
export type Chosen =
  | { kind: 'day'; date: IsoDate }
  | { kind: 'break'; date: IsoDate; id: string }
  | { kind: 'busy'; date: IsoDate; id: string };

/** What stands beside the days. */
export type Tab = 'plan' | 'ledger' | 'real';
