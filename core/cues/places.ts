import { isOnFloor, type Position, type Thing } from '../model';
import { english, type SaidKey, type Say } from '../words';

/** Getting from one place to another, as it is said; short enough for the time it takes at an ordinary pace. */
export const intoWords = (from: Position, to: Position, say: Say = english): string => {
  const down = isOnFloor(from);
  const stood = from === 'standing';
  switch (to) {
    case 'floor':
      return say(down ? 'intoFloorFromFloor' : 'intoFloor');
    case 'floor seat':
      return say(down ? 'intoFloorSeatFromFloor' : 'intoFloorSeat');
    case 'standing':
      return say(down ? 'intoStandingFromFloor' : 'intoStanding');
    case 'edge':
      if (from === 'wide edge') return say('intoEdgeFromWide');
      return say(down ? 'intoEdgeFromFloor' : stood ? 'intoEdgeFromStanding' : 'intoEdge');
    case 'wide edge':
      if (from === 'edge') return say('intoWideEdgeFromEdge');
      return say(down ? 'intoWideEdgeFromFloor' : stood ? 'intoWideEdgeFromStanding' : 'intoWideEdge');
    case 'back':
      return say(down ? 'intoBackFromFloor' : stood ? 'intoBackFromStanding' : 'intoBack');
  }
};

const PLACE: Record<Position, SaidKey> = {
  back: 'placeBack',
  edge: 'placeEdge',
  'wide edge': 'placeWideEdge',
  standing: 'placeStanding',
  floor: 'placeFloor',
  'floor seat': 'placeFloorSeat',
};
/** Where a step is done, in a few words. */
export const placeWord = (position: Position, say: Say = english): string => say(PLACE[position]);

const THING: Record<Thing, SaidKey> = {
  desk: 'thingDesk',
  chair: 'thingChair',
  strap: 'thingStrap',
  ball: 'thingBall',
  towel: 'thingTowel',
  cushion: 'thingCushion',
  mat: 'thingMat',
  roll: 'thingRoll',
  wall: 'thingWall',
  footrest: 'thingFootrest',
};
/** A thing by the name by which it is asked for. */
export const thingWord = (thing: Thing, say: Say = english): string => say(THING[thing]);

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
