import type { Move } from '@kotabi/core/model';

/** What each line of words of a move is called, in the order in which they are said: on its page, in its form, in the script. */
export const ROLE_WORDS = {
  say: 'Set up',
  again: 'Second side',
  turn: 'Second direction',
  go: 'Go',
  feel: 'Feel',
  check: 'Check',
  breathe: 'Breathe',
  last: 'Last',
  back: 'Back',
} as const satisfies Record<keyof Move['cues'], string>;
