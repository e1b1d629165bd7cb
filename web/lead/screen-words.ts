import { en, plain, type SayIn } from '@kotabi/core/words';

/** What stands on the screen of whoever follows, beside what a break says of itself, in English. */
export const screenEn = {
  getReady: 'Get ready',
  thatWasIt: 'Thank you. That was it.',
  youShow: 'you show {{side}}',
  forMove: 'for: {{move}}',
  setOf: 'set {{set}} of {{sets}}',
  eachHeld: 'each held {{seconds}} s',
  beginsIn: 'begins in {{seconds}} s',
  sayAsChoice: 'Say as a choice',
  orElse: 'or: {{what}}',
  waitHere: 'wait here',
  breatheEasily: 'breathe easily',
  paused: 'Paused',
  thenEnd: 'then the end',
  thenSet: 'then set {{set}} of {{sets}}',
  thenSide: 'then the {{side}}',
  thenWay: 'then {{way}}',
  thenMove: 'then: {{move}}',
  thenMoveWay: 'then: {{move}}, {{way}}',
  moreToGo: '{{count}} more',
  lastOne: 'last one',
  ofAll: 'of {{count}}',
  toGo: 'to go',
  seconds_one: 'second',
  seconds_other: 'seconds',
  held_one: 'second held · → goes on',
  held_other: 'seconds held · → goes on',
  forMore: '{{unit}} · ↑ for {{seconds}} more',
  lastBreath: '{{unit}} · last breath',
  oneMoreBreath: '{{unit}} · one more breath after this',
} as const;

/** Everything that is said while a break is followed. */
export type SayScreen = SayIn<typeof en & typeof screenEn>;
/** In English as it ships: the page for leading has no room for a package. */
export const englishScreen: SayScreen = plain({ ...en, ...screenEn });
