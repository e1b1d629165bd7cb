import type { Area, Limit, RoomLimit } from '../model';
import type { Demand } from './shown';

/**
 * How much a demand weighs for a limit. `care`: fine, with a word. `ease`: an easier rung that does not ask it,
 * or with a word where there is none. `avoid`: not this; an easier rung, another move, or left out.
 */
export type Weight = 'care' | 'ease' | 'avoid';

/** One rule: what a limit says to a demand. */
export interface NeedRule {
  limit: Limit | RoomLimit;
  demand: Demand;
  weight: Weight;
  /** The reason in a phrase, as it is said to the instructor. */
  why: string;
  /** Only for moves of these areas. */
  areas?: readonly Area[];
  /** Null: common practice, no source. */
  source: null;
}

type Row = readonly [demand: Demand, weight: Weight, why: string, areas?: readonly Area[]];

const ARM: readonly Area[] = ['shoulder', 'chest', 'upper arm', 'upper back'];
const HAND: readonly Area[] = ['forearm', 'hand'];
const LEG: readonly Area[] = ['hip', 'leg', 'foot'];
const NECK: readonly Area[] = ['neck'];
const SPINE: readonly Area[] = ['neck', 'upper back', 'side', 'low back'];

/** All rules, by limit. Every one is common practice, no source: the usual cautions of the trade, put together. */
const TABLE: Record<Limit | RoomLimit, readonly Row[]> = {
  neck: [
    ['looking up', 'avoid', 'no looking up with a sore neck'],
    ['looking up while turned', 'avoid', 'not back and turned at once'],
    ['full head circle', 'avoid', 'the head only across the front, not all the way round'],
    ['hand weight on the head', 'avoid', 'no hand on the head'],
    ['end of range', 'ease', 'stop short of the end', NECK],
    ['neck bent to the side', 'ease', 'tilt only half as far'],
    ['neck turned', 'ease', 'turn only as far as is easy'],
    ['chin to the chest', 'care', 'chin down only as far as is easy'],
    ['firm pressure', 'care', 'press lightly', NECK],
    ['head moving', 'care', 'small and slow, only where it is easy'],
    ['head moving fast', 'ease', 'the head moves slowly'],
  ],
  dizziness: [
    ['looking up', 'avoid', 'looking up can make dizzy'],
    ['looking up while turned', 'avoid', 'back and turned at once can make dizzy'],
    ['full head circle', 'avoid', 'the head all the way round can make dizzy'],
    ['head moving', 'care', 'slowly, with a rest between; stop when it swims'],
    ['head moving fast', 'ease', 'the head moves slowly'],
    ['deep lean forward', 'care', 'come up slowly'],
    ['hinge with a long back', 'care', 'come up slowly'],
    ['head low', 'avoid', 'a low head can make dizzy'],
    ['neck turned', 'ease', 'turn the head slowly and not far'],
    ['eyes closed', 'ease', 'eyes stay open'],
    ['standing', 'care', 'a hand on the desk while standing'],
    ['on one leg', 'ease', 'both feet on the floor'],
    ['long breath out', 'care', 'breathe normally if light-headed'],
    ['on the floor', 'avoid', 'getting up from the floor can make dizzy'],
    ['chin to the chest', 'care', 'head down and up slowly', ['upper back', 'low back']],
  ],
  'blood or eye pressure': [
    ['head low', 'avoid', 'no head below the heart'],
    ['effort', 'care', 'never press with held breath'],
    ['held breath', 'avoid', 'no held breath'],
    ['effort for long', 'ease', 'work only for a breath at a time'],
    ['arms overhead', 'care', 'arms overhead only briefly'],
    ['arms overhead for long', 'ease', 'arms down after a breath'],
    ['hand at the neck', 'care', 'stay off the sides of the neck'],
    ['long breath out', 'care', 'no forced breath'],
    ['belly pressed', 'ease', 'no pressing together of the belly'],
    ['on the floor', 'care', 'get up slowly, by way of the side'],
    ['hinge with a long back', 'care', 'come up slowly', SPINE],
  ],
  osteoporosis: [
    ['full head circle', 'avoid', 'the head only across the front, not all the way round'],
    ['back rounded', 'avoid', 'no deep rounding of the spine'],
    ['back rounded a little', 'care', 'round only a little, from sitting tall'],
    ['deep lean forward', 'avoid', 'no deep folding'],
    ['hinge with a long back', 'care', 'lean with a long back, never rounded'],
    ['hand weight on the head', 'avoid', 'no hand pressing the head down'],
    ['back turned', 'ease', 'turn only a little'],
    ['turned while bent', 'avoid', 'no turning while bent forward'],
    ['back bent to the side', 'care', 'lean only a little'],
    ['end of range', 'avoid', 'nothing at the end of the range', SPINE],
    ['end of range', 'care', 'gently, short of the end', ['hip', 'leg', 'chest', 'shoulder']],
    ['effort', 'care', 'work lightly'],
    ['chin to the chest', 'care', 'chin down only a little'],
    ['firm pressure', 'ease', 'press lightly'],
    ['on one leg', 'ease', 'both feet on the floor'],
    ['on the floor', 'care', 'down and up slowly, with a chair to hold'],
  ],
  shoulder: [
    ['arms overhead', 'avoid', 'arm not above the shoulder'],
    ['arm behind', 'avoid', 'arm not behind the back'],
    ['end of range', 'avoid', 'nothing at the end of the shoulder’s range', ARM],
    ['arm across', 'ease', 'arm across only low and light'],
    ['weight on the hands', 'avoid', 'no weight on the arm'],
    ['arm at shoulder height', 'care', 'arm only as high as is free of pain'],
    ['effort', 'care', 'work lightly', ARM],
    ['lying on the side', 'care', 'not on the sore side'],
  ],
  'wrist or hand': [
    ['weight on the hands', 'avoid', 'no weight on the hand'],
    ['end of range', 'avoid', 'wrist not to its end', HAND],
    ['wrist bent far', 'ease', 'bend the wrist only half-way'],
    ['grip', 'ease', 'grip loosely'],
    ['firm pressure', 'ease', 'let the hand only stroke'],
  ],
  'low back': [
    ['deep lean forward', 'avoid', 'no deep folding'],
    ['hinge with a long back', 'care', 'belly braced, knees soft'],
    ['back rounded', 'ease', 'round only half as far'],
    ['back rounded a little', 'care', 'round only as far as is easy'],
    ['back turned', 'ease', 'turn from the ribs, half as far'],
    ['turned while bent', 'avoid', 'no turning while bent forward'],
    ['back arched', 'ease', 'do not arch'],
    ['back bent to the side', 'care', 'lean only as far as is easy'],
    ['feet off the floor', 'ease', 'one foot stays on the floor'],
    ['on the floor', 'care', 'roll to the side to get up'],
    ['effort', 'care', 'brace gently, breathe on', ['low back', 'hip', 'leg']],
  ],
  hip: [
    ['hip bent deep', 'avoid', 'hip not bent deep'],
    ['leg crossed', 'avoid', 'no crossed leg'],
    ['hip turned in', 'ease', 'turn the leg in only half as far'],
    ['end of range', 'avoid', 'nothing at the end of the hip’s range', LEG],
    ['deep lean forward', 'ease', 'lean only half as far'],
    ['hinge with a long back', 'care', 'lean only as far as is easy'],
    ['legs wide', 'ease', 'knees only hip-wide'],
    ['effort', 'care', 'work lightly', LEG],
    ['on one leg', 'care', 'a hand on something firm'],
    ['lying on the side', 'care', 'not on the sore side'],
    ['hip stretched back', 'care', 'step back only as far as is easy'],
  ],
  'hip replacement': [
    ['hip bent deep', 'avoid', 'hip never bent past the level seat'],
    ['leg crossed', 'avoid', 'never cross the leg'],
    ['hip turned in', 'avoid', 'the leg is not turned in'],
    ['deep lean forward', 'avoid', 'no deep lean over the legs'],
    ['hinge with a long back', 'care', 'lean only half as far'],
    ['end of range', 'avoid', 'nothing at the end of the hip’s range', LEG],
    ['legs wide', 'ease', 'knees only hip-wide'],
    ['on the floor', 'avoid', 'not down to the floor'],
    ['on one leg', 'care', 'a hand on something firm'],
    ['hip bent past level', 'care', 'sit high; lean or lift only a little'],
    ['hip stretched back', 'care', 'step back only a little'],
  ],
  knee: [
    ['knee bent deep', 'avoid', 'knee not bent deep'],
    ['leg crossed', 'avoid', 'no twist on a bent knee'],
    ['knee bent under load', 'avoid', 'no bending of the knee under load'],
    ['effort', 'ease', 'work lightly, less far', ['leg', 'hip']],
    ['knee straight', 'care', 'straighten softly, never locked'],
    ['on the floor', 'care', 'help getting down and up'],
    ['on one leg', 'care', 'a hand on something firm'],
  ],
  pregnancy: [
    ['belly pressed', 'avoid', 'nothing presses the belly'],
    ['deep lean forward', 'avoid', 'no deep folding'],
    ['lying on the back', 'avoid', 'not lying flat on the back'],
    ['on the floor', 'care', 'help getting down and up'],
    ['hinge with a long back', 'care', 'feet apart, room for the belly'],
    ['held breath', 'avoid', 'no held breath'],
    ['head low', 'avoid', 'head stays up'],
    ['feet off the floor', 'ease', 'one foot stays on the floor'],
    ['back turned', 'ease', 'turn open and only a little'],
    ['end of range', 'ease', 'stop short of the end'],
    ['long breath out', 'care', 'no forced breath'],
    ['effort', 'care', 'never press with held breath'],
    ['on one leg', 'ease', 'both feet on the floor'],
    ['legs wide', 'care', 'knees only as wide as is comfortable', LEG],
  ],
  hypermobility: [
    ['full head circle', 'ease', 'the head only across the front'],
    ['end of range', 'avoid', 'stop well short of the end'],
    ['long at the end', 'avoid', 'not long at the end'],
    ['looking up', 'ease', 'do not drop the head back'],
    ['back arched', 'ease', 'do not hang in the low back'],
    ['wrist bent far', 'ease', 'bend the wrist only half-way'],
    ['knee straight', 'care', 'knee soft, never locked'],
    ['arms stretched out', 'care', 'elbows soft, never locked'],
    ['hinge with a long back', 'care', 'do not hang in the joints', SPINE],
  ],
  balance: [
    ['standing', 'avoid', 'stay seated'],
    ['edge of the seat', 'care', 'sit further back'],
    ['feet off the floor', 'ease', 'one foot stays on the floor'],
    ['sideways on the seat', 'avoid', 'not sideways on the seat'],
    ['room beside the seat', 'care', 'both feet firm, lean only a little'],
    ['deep lean forward', 'care', 'a hand on the desk'],
    ['eyes closed', 'ease', 'eyes stay open'],
    ['head low', 'ease', 'head stays up'],
    ['on the floor', 'avoid', 'not down to the floor'],
  ],
  'asthma or breath': [
    ['long breath out', 'ease', 'no forced breath out'],
    ['breath leads', 'care', 'at one’s own pace of breath'],
    ['held breath', 'ease', 'the breath goes on'],
    ['effort', 'care', 'stop before it gets short of breath'],
    ['belly pressed', 'ease', 'room for the breath'],
  ],
  'recent surgery': [
    ['long breath out', 'ease', 'breathe normally'],
    ['held breath', 'avoid', 'no held breath'],
  ],
  'cannot stand': [
    ['standing', 'avoid', 'stays seated'],
    ['on the floor', 'avoid', 'not down to the floor'],
    ['edge of the seat', 'care', 'only as far forward as is safe'],
  ],
  'one arm': [
    ['both arms', 'avoid', 'needs both arms'],
    ['both hands', 'avoid', 'needs both hands'],
    ['weight on the hands', 'avoid', 'needs both hands'],
    ['arms alike', 'care', 'with the one arm'],
  ],
  'limited sight': [
    ['eyes follow', 'care', 'say where the hand goes; do not only show'],
    ['needs sight', 'avoid', 'there is nothing to look for'],
    ['standing', 'care', 'clear the floor, a hand on the desk'],
    ['on one leg', 'ease', 'both feet on the floor'],
  ],
  'limited hearing': [
    ['eyes closed', 'avoid', 'cannot hear the end: eyes stay open'],
    ['head low', 'care', 'cannot see you: agree on a signal for the end'],
    ['looking up', 'care', 'stand where you can be seen'],
  ],
  castors: [
    ['chair carries', 'ease', 'the chair rolls: lock or wedge it first'],
    ['sideways on the seat', 'ease', 'the chair rolls: lock or wedge it first'],
    ['edge of the seat', 'care', 'wedge the chair against desk or wall'],
  ],
  'chair arms': [
    ['room beside the seat', 'ease', 'the arms of the chair are in the way'],
    ['sideways on the seat', 'avoid', 'the arms of the chair are in the way'],
    ['knees wide on the seat', 'ease', 'the arms of the chair keep the knees together'],
  ],
  'high back': [
    ['room behind the seat', 'ease', 'the high back is in the way: sit sideways or reach back only'],
  ],
  'little room': [['arms stretched out', 'ease', 'no room to stretch the arms out']],
};

export const needRules: readonly NeedRule[] = Object.entries(TABLE).flatMap(([limit, rows]) =>
  rows.map(
    ([demand, weight, why, areas]): NeedRule => ({
      limit: limit as Limit | RoomLimit,
      demand,
      weight,
      why,
      ...(areas && { areas }),
      source: null,
    }),
  ),
);

const byLimit = new Map<Limit | RoomLimit, NeedRule[]>();
for (const rule of needRules) byLimit.set(rule.limit, [...(byLimit.get(rule.limit) ?? []), rule]);

/** The rules of one limit. */
export const rulesOf = (limit: Limit | RoomLimit): readonly NeedRule[] => byLimit.get(limit) ?? [];
