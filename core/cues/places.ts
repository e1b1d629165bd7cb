import type { Position, Thing } from '../model';
import { english, type SaidKey, type Say } from '../words';

/** Getting from one place to another, as it is said; short enough for the time it takes at an ordinary pace. */
export const intoWords = (from: Position, to: Position, say: Say = english): string => {
  const down = from === 'floor' || from === 'floor seat';
  const stood = from === 'standing';
  switch (to) {
    case 'floor':
      return say(down ? 'intoFloorFromFloor' : 'intoFloor');
    case 'floor seat':
      return say(down ? 'intoFloorSeatFromFloor' : 'intoFloorSeat');
    case 'standing':
      return say(down ? 'intoStandingFromFloor' : 'intoStanding');
    case 'edge':
      return say(down ? 'intoEdgeFromFloor' : stood ? 'intoEdgeFromStanding' : 'intoEdge');
    case 'back':
      return say(down ? 'intoBackFromFloor' : stood ? 'intoBackFromStanding' : 'intoBack');
  }
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

const TAKE: Partial<Record<Thing, SaidKey>> = {
  strap: 'takeStrap',
  ball: 'takeBall',
  towel: 'takeTowel',
  cushion: 'takeCushion',
  mat: 'takeMat',
  roll: 'takeRoll',
  footrest: 'takeFootrest',
};

/** Fetching things, as it is said. */
export const fetchWords = (things: readonly Thing[], say: Say = english): string => {
  const taken = things.flatMap((thing) => TAKE[thing] ?? []).map((key) => say(key));
  const some = taken.length > 0 ? taken.reduce((all, thing) => say('takeAnd', { some: all, thing })) : '';
  const take = some && say('take', { things: some });
  const wall = things.includes('wall') ? say('toWall') : '';
  const text = take && wall ? say('takeThenWall', { take, wall }) : take || wall;
  return text.charAt(0).toUpperCase() + text.slice(1);
};

const NUMBERS = [
  'number0',
  'number1',
  'number2',
  'number3',
  'number4',
  'number5',
  'number6',
  'number7',
  'number8',
  'number9',
  'number10',
] as const satisfies readonly SaidKey[];
/** A count as it is spoken; beyond ten the figure, which every voice reads. */
export const numberWord = (n: number, say: Say = english): string => {
  const key = NUMBERS[n];
  return key ? say(key) : `${n}`;
};
