import type { Effect, Estimate } from '@kotabi/core/model';
import { shareDifference } from '@kotabi/core/stats';
import { sizeSpanText, spanText } from '@kotabi/core/stats/span-text';
import type { TensionTrend, TensionVerdict } from '@kotabi/core/trends';

const one = (n: number): string => n.toFixed(1);

const VERDICT: Record<TensionVerdict, string> = {
  'too few': 'Too few times to say what it does.',
  'cannot be told apart from chance': 'It cannot be told apart from chance.',
  'less than people notice': 'A change, smaller than people usually notice.',
  noticed: 'As large as a change that people notice.',
};

/** What tension did, in sentences. */
export const tensionWords = ({ downBy, pairs, verdict, noticedFrom }: TensionTrend): string => {
  if (!downBy) return 'Never asked both before and after.';
  const times = `${pairs} time${pairs === 1 ? '' : 's'} asked before and after`;
  if (verdict === 'too few') return `${VERDICT[verdict]} Only ${times}.`;
  const way = downBy.value < 0 ? 'up' : 'down';
  const size = one(Math.abs(downBy.value));
  return `On average ${way} by ${size} points${sizeSpanText(downBy)}, ${times}. ${VERDICT[verdict]}${noticedFrom === null ? '' : ` People notice about ${one(noticedFrom)} points here.`}`;
};

/** How the tension before a break went over weeks; empty where there are too few days for a line. */
export const weeksWords = ({ aWeek, weeks }: TensionTrend): string => {
  if (!aWeek) return weeks.length < 2 ? '' : 'Too few days to say how it goes from week to week.';
  const { value, low, high } = aWeek;
  if (low !== null && high !== null && low <= 0 && high >= 0)
    return 'From week to week it goes neither up nor down that one could tell.';
  const span = sizeSpanText(aWeek, (n) => n.toFixed(2));
  return `Before breaks it goes ${value < 0 ? 'down' : 'up'} by ${Math.abs(value).toFixed(2)} points a week${span}.`;
};

/** A share as percent, with its span. */
export const shareText = ({ value, low, high }: Estimate): string => {
  const percent = (n: number): string => `${Math.round(100 * n)}`;
  const span = spanText({ low, high }, percent);
  return `${percent(value)} %${span ? ` (95 %: ${span} %)` : ''}`;
};

/** Whether breaks were done more often in the second of two spans that share no day, as far as that can be told. */
export const betweenText = (first: Estimate | null, second: Estimate | null): string => {
  const between = first && second && shareDifference(first, second);
  if (between?.low == null || between.high === null) return '';
  const points = (n: number): string => `${Math.round(100 * n)}`;
  const size = `${Math.abs(Math.round(100 * between.value))} percentage points ${between.value < 0 ? 'fewer' : 'more'} done`;
  const span = sizeSpanText(between, points);
  return between.low <= 0 && between.high >= 0
    ? `${size} in the second${span}: it cannot be told apart from chance.`
    : `${size} in the second${span}.`;
};

/** What was learned, in a phrase. */
export const effectText = (effect: Effect): string => {
  switch (effect.what) {
    case 'first side':
      return `begin with the ${effect.side}`;
    case 'more side':
      return `more of the ${effect.side} on purpose`;
    case 'area':
      return `hold the ${effect.area}`;
    case 'move':
      return `without “${effect.moveName}”`;
    case 'hour':
      return `a quiet hour from ${effect.startMin / 60}:00`;
    case 'pace':
      return `“${effect.breakName}” at ${effect.wordsPerMinute} words a minute, ${effect.changeSec} s for a change`;
    case 'ramp':
      return effect.goOn ? 'the ramp goes on' : `stay at ${effect.count} a day`;
  }
};
