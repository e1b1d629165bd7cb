import { SMALL_SHARE } from '../cues';
import { LONG_HOLD_SEC, ONE_BREATH_SEC, QUICK_REP_SEC, WIDE_OUT_DEG } from '../needs/demands';
import {
  BACK_CM,
  BEHIND_CM,
  FAR_BEHIND_CM,
  FEET_OFF_CM,
  POSTURE_FROM as from,
  HANDS_MEET_CM,
  HANGING_SHARE,
} from '../needs/shown';
import { published as p } from '../reference';
import { at, percent } from './value';

const { jointMotion: j, hipKneeMotion: h, neckMotion: n, headLoad, headInclination } = p;
const degrees = (...list: readonly number[]): string => `${list.join(', ')}°`;

/** What a body can do, and what a posture asks of it. */
export const ofABody = [
  ...at('Figure', [
    [
      'Neck: bending, stretching, side bend, turn',
      degrees(j.neckFlexionDeg, j.neckExtensionDeg, j.neckSideDeg, j.neckTurnDeg),
      'jointMotion',
    ],
    ['Neck, another norm', degrees(n.flexionDeg, n.extensionDeg, n.sideDeg, n.turnDeg), 'neckMotion'],
    [
      'Trunk: bending, stretching, side bend, turn',
      degrees(j.trunkFlexionDeg, j.trunkExtensionDeg, j.trunkSideDeg, j.trunkTurnDeg),
      'jointMotion',
    ],
    [
      'Shoulder: raising, behind, rolling in, rolling out',
      degrees(j.shoulderRaiseDeg, j.shoulderExtensionDeg, j.shoulderInternalDeg, j.shoulderExternalDeg),
      'jointMotion',
    ],
    [
      'Wrist: bending, stretching, to the thumb, to the little finger',
      degrees(j.wristFlexionDeg, j.wristExtensionDeg, j.wristRadialDeg, j.wristUlnarDeg),
      'jointMotion',
    ],
    [
      'Hip: bending, stretching, out, across, turning',
      degrees(h.hipFlexionDeg, h.hipExtensionDeg, h.hipAbductionDeg, h.hipAdductionDeg, h.hipRotationDeg),
      'hipKneeMotion',
    ],
    [
      'Knee, elbow, forearm, ankle up and down',
      degrees(h.kneeDeg, h.elbowDeg, h.forearmDeg, h.ankleDorsalDeg, h.anklePlantarDeg),
      'hipKneeMotion',
    ],
    ['Shoulder blade, glide of the head, fingers, toes', 'customary ranges'],
    ['Sizes of the body', 'an adult of about 170 cm'],
  ]),
  ...at('Head load', [
    [
      'Load at 0, 15, 30, 45 and 60°',
      `${headLoad.at0Lb}, ${headLoad.at15Lb}, ${headLoad.at30Lb}, ${headLoad.at45Lb}, ${headLoad.at60Lb} lb`,
      'headLoad',
    ],
    ['Each further 10 to 15°', 'about 10 lb'],
    [
      'Head inclination held still',
      `up to ${headInclination.acceptableDeg}° acceptable, to ${headInclination.byTimeDeg}° by holding time`,
      'headInclination',
    ],
  ]),
  ...at('People', [
    ['What each limit means for a move', 'the usual cautions of the trade'],
    [
      'Neck: turned, bent to the side, chin to the chest, looking up',
      `from ${degrees(from.neckTurn, from.neckSide, from.chin, from.lookUp)} on`,
    ],
    [
      'Looking up while turned: up, turned, bent to the side',
      `from ${degrees(from.lookUpTurned, from.turnedUp, from.bentUp)} on`,
    ],
    [
      'Back: rounded, arched, turned, bent to the side, leaning forward; a long back bends less than',
      `from ${degrees(from.rounded, from.arched, from.turned, from.sideBent, from.lean)} on; ${degrees(from.longBack)}`,
    ],
    [
      'Arm: overhead, at shoulder height, across; wrist bent far',
      `from ${degrees(from.overhead, from.level, from.across, from.wrist)} on`,
    ],
    ['Hip bent deep, leg crossed, legs wide', `from ${degrees(from.hipDeep, from.crossed, from.wide)} on`],
    [
      'Knee: bent deep, under load, straight up to',
      `from ${degrees(from.kneeDeep, from.kneeLoaded)} on; ${degrees(from.kneeStraight)}`,
    ],
    [
      'Hands that meet; a hand behind the back, or behind and beside it',
      `wrists nearer than ${HANDS_MEET_CM} cm; ${BEHIND_CM} cm behind within ${BACK_CM} cm of its middle, or ${FAR_BEHIND_CM} cm behind`,
    ],
    ['Feet wide on the front edge: each thigh goes out', degrees(WIDE_OUT_DEG)],
    ['Long at the end of the range', `more than ${LONG_HOLD_SEC} s`],
    ['Long for arms overhead and for effort', `more than ${ONE_BREATH_SEC} s, about a slow breath`],
    ['The head moves quickly', `a repetition in less than ${QUICK_REP_SEC} s`],
    [
      'An arm hangs, and is not raised',
      `its upper part points down by ${percent(HANGING_SHARE)} of its length`,
    ],
    ['Both feet off the floor, seated', `heels and toes higher than ${FEET_OFF_CM} cm`],
    ['A small version of a move', `less than ${percent(SMALL_SHARE)} of its range`],
  ]),
  ...at('Approach', [['The usual answers', 'what most instructors do']]),
];
