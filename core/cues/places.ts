import type { Position, Thing } from '../model';

/** Getting from one place to another, as it is said; short enough for the time it takes at an ordinary pace. */
export const intoWords = (from: Position, to: Position): string => {
  const down = from === 'floor' || from === 'floor seat';
  if (to === 'floor') return down ? 'Lie down, slowly' : 'Come down to the floor, slowly';
  if (to === 'floor seat')
    return down ? 'Sit up, legs crossed' : 'Sit down on the floor, slowly, legs crossed';
  const rising = down ? 'Come up from the floor, slowly' : null;
  if (to === 'standing') return rising ?? 'Stand up slowly, eyes clear';
  const seat = to === 'edge' ? 'the front edge of the seat' : 'the chair';
  if (rising) return `${rising}, and sit on ${seat}`;
  if (from === 'standing') return to === 'edge' ? `Sit down on ${seat}` : 'Sit down, well back in the chair';
  return to === 'edge' ? 'Come to the front edge' : 'Sit back in the chair';
};

/** Where a step is done, in a few words. */
export const PLACE_WORDS: Record<Position, string> = {
  back: 'sitting back',
  edge: 'front edge of the seat',
  standing: 'standing',
  floor: 'lying on the floor',
  'floor seat': 'sitting on the floor',
};

/** Things by the name by which they are asked for. */
export const THING_WORDS: Record<Thing, string> = {
  desk: 'the desk',
  chair: 'the chair',
  strap: 'a strap, towel or scarf',
  ball: 'a small ball',
  towel: 'a towel',
  cushion: 'a cushion',
  mat: 'a mat',
  roll: 'a rolled mat',
  wall: 'a free piece of wall',
  footrest: 'a footrest',
};

const TAKE: Partial<Record<Thing, string>> = {
  strap: 'the strap',
  ball: 'the small ball',
  towel: 'the towel',
  cushion: 'the cushion',
  mat: 'the mat',
  roll: 'the rolled mat',
  footrest: 'the footrest',
};

/** Fetching things, as it is said. */
export const fetchWords = (things: readonly Thing[]): string => {
  const taken = things.flatMap((thing) => TAKE[thing] ?? []);
  const parts = [
    ...(taken.length > 0 ? [`take ${taken.join(' and ')}`] : []),
    ...(things.includes('wall') ? ['go to the wall'] : []),
  ];
  const text = parts.join(', and ');
  return text.charAt(0).toUpperCase() + text.slice(1);
};

/** Between two sets. */
export const REST_WORDS = 'Let go, rest';

const NUMBERS = ['zero', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];
/** A count as it is spoken; beyond ten the figure, which every voice reads. */
export const numberWord = (n: number): string => NUMBERS[n] ?? `${n}`;
