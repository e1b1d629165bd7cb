import type { FormKind } from '@kotabi/core/model';

/** The forms of a break: what is made, and what one is called. */
export const FORM_WORDS: Record<FormKind, { make: string; is: string }> = {
  short: { make: 'Short form', is: 'Short form' },
  'on a call': { make: 'On-a-call form', is: 'On-a-call form' },
  'standing room': { make: 'Standing-room form', is: 'Standing-room form' },
};
