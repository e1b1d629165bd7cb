import type { Week, WeekRule } from '@kotabi/core/model';
import { dayInput, type Frame, withFrequency } from '@kotabi/core/schedule';
import type { RuleDays } from '@kotabi/core/simulate';
import { frequencyText } from '../../words/week';

/** A rule that can be compared. */
export interface RuleChoice {
  id: string;
  name: string;
  rule: WeekRule;
}

const upper = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** A rule must not be held to a limit that its own words go beyond. */
const baseOf = (f: WeekRule['frequency'], plain: WeekRule): WeekRule =>
  f.code === 'every minutes' ? { ...plain, limitMin: Math.max(plain.limitMin, f.minutes + 10) } : plain;

/** The rule of the week first, then usual ones on the same hours, kinds and limit. */
export const ruleChoices = ({ rule }: Pick<Week, 'rule'>): RuleChoice[] => {
  const plain: WeekRule = { ...rule, minCount: 0, maxCount: null };
  const usual: WeekRule['frequency'][] = [
    { code: 'every minutes', minutes: 30 },
    { code: 'every minutes', minutes: 50 },
    { code: 'every minutes', minutes: 60 },
    { code: 'every minutes', minutes: 90 },
    { code: 'hourly', longer: 1 },
    { code: 'a day', count: 4 },
    { code: 'both halves' },
    { code: 'once or twice' },
    { code: 'gaps', minutes: 10 },
  ];
  return [
    { id: 'own', name: `This week: ${frequencyText(rule.frequency)}`, rule },
    ...usual.map((f, i) => ({
      id: `usual-${i}`,
      name: upper(frequencyText(f)),
      rule: withFrequency(baseOf(f, plain), f),
    })),
  ];
};

/** The days of a week as one rule sees them: nothing is set by hand, so that each rule is free. */
export const ruleDays = ({ name, rule }: RuleChoice, week: Week, frame: Frame): RuleDays => ({
  name,
  days: week.days.filter((d) => d.off === undefined).map((d) => dayInput(frame, rule, { ...d, breaks: [] })),
  ...(rule.frequency.code === 'best days' && { bestDays: rule.frequency.days }),
});
