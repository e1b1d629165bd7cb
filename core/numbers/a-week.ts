import { AIM_DAYS, AIM_SEC } from '../ledger';
import { Rule } from '../model';
import { published as p } from '../reference';
import { ENOUGH_OUTCOMES, SimSettings, USUAL_SKIP } from '../simulate';
import { at, percent } from './value';

const rule = Rule.parse({});
const real = SimSettings.parse({});

/** How often breaks come, and what real weeks are like. */
export const ofAWeek = [
  ...at('Week', [
    [
      'Breaks from screen work',
      `${p.screenBreaks.leastMin} to ${p.screenBreaks.mostMin} min every ${p.screenBreaks.everyMin} min, better than ${p.screenBreaks.insteadOfMin} min every ${p.screenBreaks.insteadOfEveryMin} min`,
      'screenBreaks',
    ],
    [
      'Breaks from screen work, other wording',
      `${p.screenBreaksGuidance.lengthMin} min every ${p.screenBreaksGuidance.everyMin} min`,
      'screenBreaksGuidance',
    ],
    ['Duty to interrupt screen work', 'daily work periodically interrupted', 'screenDuty'],
    [
      'Extra short breaks',
      `${p.extraBreaks.extraADay} of ${p.extraBreaks.lengthMin} min a day`,
      'extraBreaks',
    ],
    [
      'Share of the breaks taken in which people really stretched',
      `${percent(p.stretchingDone.ordinaryShare)} of ordinary, ${percent(p.stretchingDone.extraShare)} of extra ones`,
      'stretchingDone',
    ],
    [
      'A run at the desk: what is aimed at, what is too long',
      `${rule.targetMin} min, more than ${rule.limitMin} min, unless the rule says otherwise`,
    ],
    [
      'What a break minute costs, and in focus time on top',
      `${rule.lambda} and ${rule.focusExtra} run minutes`,
    ],
    ['What a break of 1 min and of 5 min takes off the run', 'half of it; all of it'],
    [
      'A day counts for a muscle and side; days a week that are the aim',
      `from ${AIM_SEC} s; ${AIM_DAYS} days`,
      'staticHoldTotal',
      'Published for each exercise; the ledger counts by muscle and side, which is stricter.',
    ],
  ]),
  ...at('Real week', [
    [
      'Chance that someone skips a break, until the log knows enough',
      percent(USUAL_SKIP),
      'stretchingDone',
      'Our assumption: breaks that are skipped were not counted there.',
    ],
    ['Answers from which the log is used', `${ENOUGH_OUTCOMES}`],
    ['Meetings overrun, on average', `${real.overrunMin} min`],
    ['A blocked break may be later by', `${real.graceMin} min`],
    ['A run is a long one', 'from twice the limit on'],
  ]),
  ...at('Reminders', [['Too late after the start', '15 min']]),
];
