import type { Area, Group, Person } from '../model';

/** What speaks for an area when a break is begun for a group. */
export type Why = 'hopes' | 'tight' | 'lacking';

/** An area a break for a group is likely wanted for, with the reasons. */
export interface LikelyArea {
  area: Area;
  why: readonly Why[];
}

/** So many areas are proposed: more do not get enough in a usual slot. Common practice, no source. */
export const PROPOSED = 3;
/** What each reason counts; being tight counts by the share of the people who are. Common practice, no source. */
export const SPEAKS = { hopes: 2, tight: 2, lacking: 1 } as const;

/** How people name what they hope for. */
const NAMED: readonly (readonly [RegExp, readonly Area[]])[] = [
  [/\b(neck|necks|head)\b/i, ['neck']],
  [/\bshoulders?\b/i, ['shoulder']],
  [/\b(upper back|between the (shoulder )?blades|round(ed)? backs?|posture|hunched)\b/i, ['upper back']],
  [/\b(low(er)? backs?|lumbar)\b/i, ['low back']],
  [/(?<!upper |lower |low )\bbacks?\b(?! to)/i, ['upper back', 'low back']],
  [/\bchests?\b/i, ['chest']],
  [/\b(forearms?|wrists?|typing|keyboards?|mouse)\b/i, ['forearm']],
  [/\b(hands?|fingers?|thumbs?)\b/i, ['hand']],
  [/\b(hips?|sitting (all day|long))\b/i, ['hip']],
  [/\b(legs?|thighs?|hamstrings?|calf|calves)\b/i, ['leg']],
  [/\b(foot|feet|ankles?)\b/i, ['foot']],
  [/\b(eyes?|jaws?|faces?)\b/i, ['face']],
  [/\b(calm\w*|breath\w*|stress\w*|relax\w*|quiet)\b/i, ['breath']],
];

/** Areas that a sentence names. */
export const areasNamed = (text: string): Area[] => [
  ...new Set(NAMED.flatMap(([how, areas]) => (how.test(text) ? areas : []))),
];

/**
 * What a break for a group is likely wanted for: what it hopes for, where people are tight, and what its week still lacks; the
 * most wanted first, at most three.
 */
export const likelyAreas = ({
  hopes,
  people,
  lacking,
}: {
  hopes: Group['hopes'];
  people: readonly Pick<Person, 'tight'>[];
  lacking: readonly Area[];
}): LikelyArea[] => {
  const found = new Map<Area, { why: Set<Why>; counts: number }>();
  const speak = (area: Area, why: Why, counts: number): void => {
    const so = found.get(area) ?? { why: new Set<Why>(), counts: 0 };
    so.why.add(why);
    so.counts += counts;
    found.set(area, so);
  };
  for (const area of areasNamed(hopes)) speak(area, 'hopes', SPEAKS.hopes);
  for (const { tight } of people)
    for (const area of new Set(tight.map((t) => t.area))) speak(area, 'tight', SPEAKS.tight / people.length);
  for (const area of lacking) speak(area, 'lacking', SPEAKS.lacking);
  return [...found]
    .sort(([, a], [, b]) => b.counts - a.counts)
    .slice(0, PROPOSED)
    .map(([area, { why }]) => ({ area, why: [...why] }));
};

/** So large a share of the people is tighter on one side before more of that side is proposed. Common practice, no source. */
export const MOST_ARE = 0.5;

/** The side on which more than half of the people are tight in what is wanted; null where there is none. */
export const tighterSide = (
  people: readonly Pick<Person, 'tight'>[],
  areas: readonly Area[],
): 'left' | 'right' | null => {
  const on = (side: 'left' | 'right'): number =>
    people.filter((p) => p.tight.some((t) => t.side === side && areas.includes(t.area))).length;
  return (
    (['left', 'right'] as const).find((side) => people.length > 0 && on(side) > MOST_ARE * people.length) ??
    null
  );
};
