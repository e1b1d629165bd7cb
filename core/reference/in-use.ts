import { published } from './published';

/** One value the program rests on: where it is used, what it is, and where it comes from. */
export interface ValueInUse {
  /** Where in the program it is used. */
  place: string;
  what: string;
  value: string;
  /** Key of the published source; null: common practice, no source. */
  source: keyof typeof published | null;
}

const p = published;

/** Every value in use, by the place it is used. A test holds them against the values the program works with. */
export const valuesInUse: readonly ValueInUse[] = [
  {
    place: 'Doses',
    what: 'Length of one hold',
    value: `${p.staticHold.leastSec} to ${p.staticHold.mostSec} s`,
    source: 'staticHold',
  },
  {
    place: 'Doses',
    what: 'In all for one muscle group on one day',
    value: `${p.staticHoldTotal.totalSec} s, at least ${p.staticHoldTotal.daysAWeek} days a week`,
    source: 'staticHoldTotal',
  },
  {
    place: 'Doses',
    what: 'Length of one hold, older adults',
    value: `${p.staticHoldTotal.olderLeastSec} to ${p.staticHoldTotal.olderMostSec} s`,
    source: 'staticHoldTotal',
  },
  {
    place: 'Doses',
    what: 'Repetitions and least, usual and most of each move',
    value: 'as each move’s page says',
    source: null,
  },
  { place: 'Time', what: 'Speech', value: '140 words a minute, a cue at least 2 s', source: null },
  {
    place: 'Time',
    what: 'Change of side, rest between sets, return to neutral',
    value: '4 s, 5 s, 2 s',
    source: null,
  },
  {
    place: 'Time',
    what: 'Seat to edge, seat to standing, to or from the floor',
    value: '3 s, 6 s, 15 s',
    source: null,
  },
  { place: 'Time', what: 'Fetching a thing, going to a wall', value: '5 s, 8 s', source: null },
  {
    place: 'Breath',
    what: 'Slow breathing',
    value: `${p.slowBreathing.breathsPerMinute} breaths a minute`,
    source: 'slowBreathing',
  },
  {
    place: 'Breath',
    what: 'Breathing at rest, for comparison',
    value: `${p.restingBreath.leastPerMinute} to ${p.restingBreath.mostPerMinute} breaths a minute`,
    source: 'restingBreath',
  },
  {
    place: 'Breath',
    what: 'Exhale against inhale',
    value: '1.5 times as long, 2 to 3 times to calm',
    source: null,
  },
  {
    place: 'Review',
    what: 'A hold that wants its area moved first',
    value: 'longer than 10 s',
    source: null,
  },
  { place: 'Review', what: 'Longest set-up', value: '15 s, about 35 words', source: null },
  {
    place: 'Review',
    what: 'Shortest hold of a stretch',
    value: `${p.staticHold.leastSec} s`,
    source: 'staticHold',
  },
  {
    place: 'Review',
    what: 'Longest hold at a time',
    value: `${p.staticHoldTotal.olderMostSec} s`,
    source: 'staticHoldTotal',
  },
  { place: 'Review', what: 'Slot left unused', value: 'more than 30 s and 15 %', source: null },
  { place: 'Review', what: 'Neck away from the middle', value: 'more than 60 s of work', source: null },
  {
    place: 'Review',
    what: 'Head tipped back: how far, and turned as well',
    value: '25 degrees; from 15 degrees on, turned by more than 20',
    source: null,
  },
  {
    place: 'Review',
    what: 'A deep fold, and turned as well',
    value: 'from 35 degrees on, turned by more than 15',
    source: null,
  },
  {
    place: 'Review',
    what: 'A large movement before a small one',
    value: '1.5 times as far, and more than 20 degrees farther',
    source: null,
  },
  { place: 'Review', what: 'An area hardly held at all', value: 'less than 10 s a side', source: null },
  { place: 'Review', what: 'Nothing left to do', value: 'for more than 30 s', source: null },
  {
    place: 'Review',
    what: 'A breath out that calms',
    value: '2 times the breath in, at least',
    source: null,
  },
  {
    place: 'Suggesting',
    what: 'Enough for one muscle and side',
    value: `${p.staticHoldTotal.totalSec} s`,
    source: 'staticHoldTotal',
  },
  {
    place: 'Suggesting',
    what: 'Movement counted against a hold',
    value: 'a quarter of its seconds',
    source: null,
  },
  {
    place: 'Week',
    what: 'Breaks from screen work',
    value: `${p.screenBreaks.leastMin} to ${p.screenBreaks.mostMin} min every ${p.screenBreaks.everyMin} min`,
    source: 'screenBreaks',
  },
  {
    place: 'Week',
    what: 'Duty to interrupt screen work',
    value: 'daily work periodically interrupted',
    source: 'screenDuty',
  },
  {
    place: 'Week',
    what: 'Extra short breaks',
    value: `${p.extraBreaks.extraADay} of ${p.extraBreaks.lengthMin} min a day`,
    source: 'extraBreaks',
  },
  {
    place: 'Week',
    what: 'Share of breaks in which people really stretch',
    value: `${p.stretchingDone.ordinaryShare * 100} % of ordinary, ${p.stretchingDone.extraShare * 100} % of extra ones`,
    source: 'stretchingDone',
  },
  {
    place: 'Week',
    what: 'What a break of 1 min and of 5 min takes off the run',
    value: 'half of it; all of it',
    source: null,
  },
  {
    place: 'Week',
    what: 'A day counts for a muscle and side; days a week that are the aim',
    value: `from ${p.staticHoldTotal.totalSec} s; ${p.staticHoldTotal.daysAWeek} days`,
    source: 'staticHoldTotal',
  },
  {
    place: 'Real week',
    what: 'Chance that someone skips a break, until the log knows enough',
    value: `${Math.round((1 - p.stretchingDone.extraShare) * 100)} %`,
    source: 'stretchingDone',
  },
  { place: 'Real week', what: 'Answers from which the log is used', value: '20', source: null },
  { place: 'Real week', what: 'Meetings overrun, on average', value: '4 min', source: null },
  { place: 'Real week', what: 'A blocked break may be later by', value: '20 min', source: null },
  { place: 'Real week', what: 'A run is a long one', value: 'from twice the limit on', source: null },
  { place: 'Week', what: 'A break minute in focus time', value: 'costs twice as much', source: null },
  { place: 'Reminders', what: 'Too late after the start', value: '15 min', source: null },
  {
    place: 'Log',
    what: 'A change of tension that matters',
    value: `${p.ratingChange.points} points of 10, or ${p.ratingChange.share * 100} %`,
    source: 'ratingChange',
  },
  { place: 'Log', what: 'Rating area by area on a map of the body', value: '0 to 10', source: 'bodyMap' },
  { place: 'Log', what: 'A step counts as done', value: 'half of its plan on each side', source: null },
  {
    place: 'Figure',
    what: 'Neck: bending, stretching, side bend, turn',
    value: `${p.jointMotion.neckFlexionDeg}, ${p.jointMotion.neckExtensionDeg}, ${p.jointMotion.neckSideDeg}, ${p.jointMotion.neckTurnDeg}°`,
    source: 'jointMotion',
  },
  {
    place: 'Figure',
    what: 'Neck, another norm',
    value: `${p.neckMotion.flexionDeg}, ${p.neckMotion.extensionDeg}, ${p.neckMotion.sideDeg}, ${p.neckMotion.turnDeg}°`,
    source: 'neckMotion',
  },
  {
    place: 'Figure',
    what: 'Trunk: bending, stretching, side bend, turn',
    value: `${p.jointMotion.trunkFlexionDeg}, ${p.jointMotion.trunkExtensionDeg}, ${p.jointMotion.trunkSideDeg}, ${p.jointMotion.trunkTurnDeg}°`,
    source: 'jointMotion',
  },
  {
    place: 'Figure',
    what: 'Shoulder: raising, behind, rolling in, rolling out',
    value: `${p.jointMotion.shoulderRaiseDeg}, ${p.jointMotion.shoulderExtensionDeg}, ${p.jointMotion.shoulderInternalDeg}, ${p.jointMotion.shoulderExternalDeg}°`,
    source: 'jointMotion',
  },
  {
    place: 'Figure',
    what: 'Wrist: bending, stretching, to the thumb, to the little finger',
    value: `${p.jointMotion.wristFlexionDeg}, ${p.jointMotion.wristExtensionDeg}, ${p.jointMotion.wristRadialDeg}, ${p.jointMotion.wristUlnarDeg}°`,
    source: 'jointMotion',
  },
  {
    place: 'Figure',
    what: 'Hip: bending, stretching, out, across, turning',
    value: `${p.hipKneeMotion.hipFlexionDeg}, ${p.hipKneeMotion.hipExtensionDeg}, ${p.hipKneeMotion.hipAbductionDeg}, ${p.hipKneeMotion.hipAdductionDeg}, ${p.hipKneeMotion.hipRotationDeg}°`,
    source: 'hipKneeMotion',
  },
  {
    place: 'Figure',
    what: 'Knee, elbow, forearm, ankle up and down',
    value: `${p.hipKneeMotion.kneeDeg}, ${p.hipKneeMotion.elbowDeg}, ${p.hipKneeMotion.forearmDeg}, ${p.hipKneeMotion.ankleDorsalDeg} and ${p.hipKneeMotion.anklePlantarDeg}°`,
    source: 'hipKneeMotion',
  },
  {
    place: 'Figure',
    what: 'Shoulder blade, glide of the head, fingers, toes',
    value: 'customary ranges',
    source: null,
  },
  { place: 'Figure', what: 'Sizes of the body', value: 'an adult of about 170 cm', source: null },
  {
    place: 'Head load',
    what: 'Load at 0, 15, 30, 45 and 60°',
    value: `${p.headLoad.at0Lb}, ${p.headLoad.at15Lb}, ${p.headLoad.at30Lb}, ${p.headLoad.at45Lb}, ${p.headLoad.at60Lb} lb`,
    source: 'headLoad',
  },
  { place: 'Head load', what: 'Each further 10 to 15°', value: 'about 10 lb', source: null },
  {
    place: 'Head load',
    what: 'Head inclination held still',
    value: `up to ${p.headInclination.acceptableDeg}° acceptable, to ${p.headInclination.byTimeDeg}° by holding time`,
    source: 'headInclination',
  },
  {
    place: 'People',
    what: 'What each limit means for a move',
    value: 'the usual cautions of the trade',
    source: null,
  },
  {
    place: 'People',
    what: 'Angles from which a posture counts for a limit',
    value: 'as the rules say',
    source: null,
  },
  { place: 'Approach', what: 'The usual answers', value: 'what most instructors do', source: null },
];
