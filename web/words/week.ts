import type { Gives } from '@kotabi/core/ledger';
import type { BusyTime, DayInput, Frequency, Interval } from '@kotabi/core/model';
import type {
  BusyChange,
  Neighbour,
  PlaceInRule,
  TooClose,
  WhyHere,
  WhyNotMore,
} from '@kotabi/core/schedule';
import dayjs from 'dayjs';
import { clock } from './time';

/** For a shift over midnight: the minute before which a time is on the next day; 0 for all others. */
export const nightStart = ({ startMin, endMin }: Interval): number => (endMin > 1440 ? startMin : 0);

const IN_THE_WAY = {
  outside: 'the end of the day',
  blocked: 'a meeting',
  'off desk': 'time off the desk',
  overlap: 'another break',
} as const;

const minutes = (n: number): string => `${n} min`;

const neighbourText = (word: 'earlier' | 'later', n: Neighbour, gridMin: number): string => {
  const by = `${minutes(gridMin)} ${word}`;
  switch (n.code) {
    case 'in the way':
      return `${by} there is ${IN_THE_WAY[n.what]}`;
    case 'too close':
      return `${by} it would be closer than ${minutes(n.gapMin)} to another`;
    case 'dearer':
      if (n.overMin > 0) return `${by} adds ${minutes(n.overMin)} over the limit`;
      if (n.overMin < 0) return `${by} would take ${minutes(-n.overMin)} off what is over the limit`;
      if (n.cost === 0) return `${by} is just as good`;
      return n.cost > 0 ? `${by} leaves longer runs` : `${by} would leave shorter runs`;
  }
};

/** Why a break is where it is, in sentences. */
export const whyText = (day: DayInput, why: WhyHere): string[] => {
  const { without } = why;
  const over = without.overMin > 0 ? `, ${minutes(without.overMin)} of them over the limit` : '';
  return [
    `It ends a run of ${minutes(why.runMin)}. Without it the longest run is ${minutes(without.longestRunMin)}${over}.`,
    `${neighbourText('earlier', why.earlier, day.gridMin)}; ${neighbourText('later', why.later, day.gridMin)}.`,
  ].map((s) => s.charAt(0).toUpperCase() + s.slice(1));
};

/** Why there is not one break more, in a sentence. */
export const whyNotMoreText = (why: WhyNotMore): string => {
  switch (why.code) {
    case 'most':
      return `There is not one more because the rule allows ${why.most}.`;
    case 'minutes':
      return `There is not one more because the rule allows ${minutes(why.most)} of breaks a day.`;
    case 'none fits':
      return 'There is not one more because none fits.';
    case 'dearer':
      return why.overMin > 0
        ? 'There is not one more: it would push others to worse times.'
        : `There is not one more: it would shorten the runs too little for the time it takes (longest run then ${minutes(why.longestRunMin)}).`;
    case 'better':
      return `One more would be better: ${why.overMin < 0 ? `${minutes(-why.overMin)} less over the limit` : 'people would sit for shorter times'}. Plan the day again to get it.`;
  }
};

/** How often, as a short phrase. */
export const frequencyText = (f: Frequency): string => {
  switch (f.code) {
    case 'by cost':
      return 'as often as keeps runs short';
    case 'every minutes':
      return `about every ${f.minutes} min`;
    case 'a day':
      return `${f.count} a day`;
    case 'once or twice':
      return 'once or twice a day';
    case 'best days':
      return `on the best ${f.days} day${f.days === 1 ? '' : 's'} of the week`;
    case 'every day':
      return 'once every day';
    case 'gaps':
      return `whenever ${f.minutes} min are free between two busy times`;
    case 'rota':
      return 'one area a day, in turn';
    case 'hourly':
      return f.longer === 0 ? 'short ones about hourly' : `short ones hourly and ${f.longer} longer`;
    case 'ramp':
      return `${f.start} a day, ${f.add} more each week up to ${f.most}`;
    case 'both halves':
      return 'once in the morning, once in the afternoon';
  }
};

const aDay = (count: number): string => `${count} a day`;

/** Where in a rule that changes over time a week is, in a sentence. */
export const placeText = (place: PlaceInRule): string => {
  if (place.code === 'rota')
    return `This week: ${place.days.map(({ date, area }) => `${weekdayName(date)} ${area}`).join(', ')}.`;
  const { week, weeks, count, next, from } = place;
  if (week === 0)
    return `Begins in the week of ${dayjs(from).format('D MMMM YYYY')}; until then ${aDay(count)}.`;
  if (next !== null) return `Week ${week} of ${weeks}: ${aDay(count)}, from next week ${next}.`;
  return week <= weeks
    ? `Week ${week} of ${weeks}: ${aDay(count)}, and so it stays.`
    : `Stays at ${aDay(count)} since week ${weeks}; this is week ${week}.`;
};

/** A day and a time, `10:30 to 10:35`. */
export const spanText = ({ startMin, endMin }: Interval): string => `${clock(startMin)} to ${clock(endMin)}`;

const named = (b: BusyTime): string => b.label || 'a busy time';
/** A date as its weekday. */
export const weekdayName = (date: string): string => dayjs(date).format('ddd');

/** What changed in a calendar, in a phrase. */
export const changeText = ({ date, before, now }: BusyChange): string => {
  if (before && now)
    return `${weekdayName(date)}: ${named(now)} moved from ${clock(before.startMin)} to ${clock(now.startMin)}`;
  if (now)
    return `${weekdayName(date)}: ${named(now)} from ${clock(now.startMin)} to ${clock(now.endMin)} is new`;
  return before ? `${weekdayName(date)}: ${named(before)} at ${clock(before.startMin)} is gone` : '';
};

/** That a break is closer to its neighbour than the rule keeps apart, in a sentence. */
export const tooCloseText = ({ to, haveMin, askedMin }: TooClose): string =>
  `Only ${minutes(haveMin)} ${to === 'before' ? 'after the break before' : 'before the next break'}; the rule keeps ${askedMin}.`;

/** So many areas are named of a break; more are not taken in at a glance. */
const MOST_AREAS = 3;
/** Sides that differ by more than this are told apart, seconds. */
const EVEN_SEC = 1;

/** What a break does, at a glance: areas it holds, longest first, and both sides; what it moves where it holds nothing. */
export const doesText = ({ heldAreas, movedAreas }: Pick<Gives, 'heldAreas' | 'movedAreas'>): string => {
  const map = heldAreas.size > 0 ? heldAreas : movedAreas;
  const areas = [...map].sort((a, b) => b[1].left + b[1].right - a[1].left - a[1].right);
  if (areas.length === 0) return '';
  const sum = (side: 'left' | 'right'): number => areas.reduce((n, [, by]) => n + by[side], 0);
  const [left, right] = [Math.round(sum('left')), Math.round(sum('right'))];
  const names = areas.slice(0, MOST_AREAS).map(([area]) => area);
  const more = areas.length > MOST_AREAS ? ` and ${areas.length - MOST_AREAS} more` : '';
  const sides =
    Math.abs(left - right) <= EVEN_SEC ? `${left} s each side` : `left ${left} s, right ${right} s`;
  return `${heldAreas.size > 0 ? 'holds' : 'moves'} ${names.join(', ')}${more} · ${sides}`;
};
