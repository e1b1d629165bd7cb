import { STANDING_CAUTION } from '@kotabi/core/formats';

/** What stands on hand-outs beside what a break says of itself, in English. */
export const paperEn = {
  withThings: 'with {{things}}',
  nothingNeeded: 'nothing needed but your chair',
  aboutMinutes_one: 'about {{count}} minute',
  aboutMinutes_other: 'about {{count}} minutes',
  caution: STANDING_CAUTION,
  cautionShort: 'To mild tension, never pain. Breathe on.',
  cueCards: '{{name}}: cue cards',
  strip: '{{name}}: strip',
  codeOpens: 'A code that opens {{address}}',
  pageOf: '{{about}} · page {{page}} of {{pages}}',
  partOf: '{{part}} of {{parts}}',
  wayOnly: '{{way}} only',
  thenOther: '{{feel}} Then the other way.',
  sayThis: 'Say',
  saidLine: 'Say: {{words}}',
  feltLine: 'Felt: {{words}}',
  checkLine: 'Check: {{words}}',
  ownChoice: 'a break of your own choice',
  weekOf: 'Week of {{date}}',
} as const;
