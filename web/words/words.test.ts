import type { Finding, FindingCode } from '@kotabi/core/review';
import { describe, expect, it } from 'vitest';
import { daysText } from '../screens/people/people-words';
import { findingWords } from './findings';
import { clock, fullSeconds, length, minSec, minuteOf, seconds, together } from './time';

describe('times in words', () => {
  it('reads lengths to the whole second, begun ones counted, and clocks to the minute', () => {
    expect([minSec(57_000), minSec(416_500), minSec(59_960)]).toEqual(['0:57', '6:57', '1:00']);
    expect([minSec(1), minSec(61_001)]).toEqual(['0:01', '1:02']);
    expect([seconds(12_500), length(89_000), length(90_000)]).toEqual(['13 s', '89 s', '1:30 min']);
    // What is there, or was done, is never told as more than it is.
    expect([fullSeconds(12_900), fullSeconds(13_000)]).toEqual(['12 s', '13 s']);
    expect([clock(545), clock(1440)]).toEqual(['09:05', '24:00']);
    expect([
      minuteOf('9:05'),
      minuteOf('24:00'),
      minuteOf('24:01'),
      minuteOf('9:65'),
      minuteOf('nine'),
    ]).toEqual([545, 1440, null, null, null]);
  });

  it('keeps a number on one line with what it counts', () => {
    expect(together('15 s each side').split(' ')).toEqual(['15\u00a0s', 'each', 'side']);
    expect(together('4 × one breath')).toBe('4\u00a0×\u00a0one breath');
  });

  it('reads days as spans', () => {
    expect([daysText([5, 1, 2, 3, 4]), daysText([1, 3, 5]), daysText([1, 2, 6])]).toEqual([
      'Mo–Fr',
      'Mo We Fr',
      'Mo–Tu Sa',
    ]);
  });
});

describe('findings in words', () => {
  const samples: { [C in FindingCode]: Extract<Finding, { code: C }> } = {
    overSlot: { code: 'overSlot', weight: 'caution', stepIds: [], overMs: 12_000, slotMs: 480_000 },
    underSlot: { code: 'underSlot', weight: 'look', stepIds: [], leftMs: 100_000, slotMs: 480_000 },
    oneSideOnly: { code: 'oneSideOnly', weight: 'caution', stepIds: [], move: 'Lean', missing: 'right' },
    meanwhileLong: {
      code: 'meanwhileLong',
      weight: 'caution',
      stepIds: [],
      move: 'Fingers up, drawn back',
      second: 'Knee straighten',
      times: 10,
      takesMs: 30_000,
      roomMs: 20_000,
    },
    unequalSides: {
      code: 'unequalSides',
      weight: 'caution',
      stepIds: [],
      move: 'Lean',
      short: 'left',
      byMs: 12_000,
    },
    oneDirectionOnly: {
      code: 'oneDirectionOnly',
      weight: 'caution',
      stepIds: [],
      move: 'Roll',
      missing: 'forward',
    },
    notMobilised: {
      code: 'notMobilised',
      weight: 'caution',
      stepIds: [],
      move: 'Lean',
      area: 'neck',
      holdMs: 20_000,
    },
    linkForgotten: { code: 'linkForgotten', weight: 'caution', stepIds: [], move: 'Lean', missing: 'left' },
    strongFirst: {
      code: 'strongFirst',
      weight: 'caution',
      stepIds: [],
      move: 'Lean',
      rung: 'pull',
      later: 'hang',
    },
    largeFirst: { code: 'largeFirst', weight: 'look', stepIds: [], move: 'Wide', later: 'Small' },
    noRelease: { code: 'noRelease', weight: 'look', stepIds: [], move: 'B', before: 'A', muscle: 'scalenes' },
    neckLong: { code: 'neckLong', weight: 'look', stepIds: [], move: 'Lean', lengthMs: 75_000 },
    backwardCircle: { code: 'backwardCircle', weight: 'caution', stepIds: [], move: 'Circle' },
    extensionWithTurn: {
      code: 'extensionWithTurn',
      weight: 'stop',
      stepIds: [],
      move: 'Up',
      backDeg: 18,
      turnDeg: 30,
    },
    lookingUpFar: {
      code: 'lookingUpFar',
      weight: 'caution',
      stepIds: [],
      move: 'Up',
      backDeg: 35,
      mostDeg: 25,
    },
    foldWithTwist: { code: 'foldWithTwist', weight: 'stop', stepIds: [], move: 'Fold', turnDeg: 25 },
    happened: {
      code: 'happened',
      weight: 'caution',
      stepIds: [],
      move: 'Lean',
      what: 'something hurt twice',
      last: '2026-11-12',
    },
    headLow: {
      code: 'headLow',
      weight: 'stop',
      stepIds: [],
      move: 'Fold',
      who: ['Ada', 'Bo'],
      why: 'a low head',
    },
    chestWithoutRound: { code: 'chestWithoutRound', weight: 'look', stepIds: [], move: 'Open' },
    roundWithoutChest: { code: 'roundWithoutChest', weight: 'look', stepIds: [], move: 'Hug' },
    toAndFro: {
      code: 'toAndFro',
      weight: 'look',
      stepIds: [],
      from: 'edge',
      to: 'back',
      changes: 4,
      lostMs: 12_000,
    },
    thingLate: { code: 'thingLate', weight: 'caution', stepIds: [], move: 'Pull', thing: 'strap' },
    excluded: {
      code: 'excluded',
      weight: 'look',
      stepIds: [],
      move: 'Lean',
      who: ['A', 'B'],
      why: 'stays seated',
    },
    roomUnfit: { code: 'roomUnfit', weight: 'caution', stepIds: [], move: 'Lean', why: 'the chair rolls' },
    notDiscreet: { code: 'notDiscreet', weight: 'caution', stepIds: [], move: 'Clap' },
    endsOnInhale: {
      code: 'endsOnInhale',
      weight: 'look',
      stepIds: [],
      move: 'Lean',
      pastMs: 2000,
      inMs: 4000,
    },
    breathWords: {
      code: 'breathWords',
      weight: 'look',
      stepIds: [],
      move: 'Round',
      words: 'breathe in',
      usual: 'breathe out',
    },
    exhaleNotLonger: { code: 'exhaleNotLonger', weight: 'caution', stepIds: [], ratio: 1 },
    holdTooShort: {
      code: 'holdTooShort',
      weight: 'look',
      stepIds: [],
      move: 'Lean',
      holdMs: 8000,
      leastMs: 10_000,
    },
    holdTooLong: {
      code: 'holdTooLong',
      weight: 'caution',
      stepIds: [],
      move: 'Lean',
      holdMs: 70_000,
      mostMs: 60_000,
    },
    noBreath: { code: 'noBreath', weight: 'look', stepIds: [] },
    nothingReleased: { code: 'nothingReleased', weight: 'look', stepIds: [] },
    targetMissed: { code: 'targetMissed', weight: 'caution', stepIds: [], area: 'hip', heldMs: 5000 },
    leftIdle: {
      code: 'leftIdle',
      weight: 'caution',
      stepIds: [],
      who: 'Ada',
      lengthMs: 40_000,
      move: 'Walk',
    },
    noSettle: { code: 'noSettle', weight: 'look', stepIds: [] },
    noClose: { code: 'noClose', weight: 'look', stepIds: [] },
    againstApproach: {
      code: 'againstApproach',
      weight: 'look',
      stepIds: ['a'],
      question: 'lookingUp',
      answer: 'never past neutral',
      move: 'Nod',
    },
    cueTooLong: {
      code: 'cueTooLong',
      weight: 'look',
      stepIds: [],
      move: 'Lean',
      cueMs: 21_000,
      roomMs: 20_000,
      during: 'work',
    },
    unequalDirections: {
      code: 'unequalDirections',
      weight: 'caution',
      stepIds: [],
      move: 'Roll',
      short: 'back',
      byMs: 6000,
    },
    closeEarly: { code: 'closeEarly', weight: 'look', stepIds: [], move: 'Check out', after: 'Lean' },
    restLong: {
      code: 'restLong',
      weight: 'look',
      stepIds: [],
      move: 'Rest',
      lengthMs: 90_000,
      mostMs: 60_000,
    },
    silenceUntold: {
      code: 'silenceUntold',
      weight: 'look',
      stepIds: [],
      move: 'Quiet rest',
      lengthMs: 120_000,
    },
    thirdVisit: { code: 'thirdVisit', weight: 'look', stepIds: [], move: 'Lean', area: 'neck', visits: 3 },
    areaFarBeyond: {
      code: 'areaFarBeyond',
      weight: 'look',
      stepIds: [],
      area: 'neck',
      heldMs: 120_000,
      least: 'hand',
      leastMs: 20_000,
    },
    wristOneWay: { code: 'wristOneWay', weight: 'look', stepIds: [], move: 'Fingers up', way: 'up' },
    headTurnedLong: { code: 'headTurnedLong', weight: 'look', stepIds: [], move: 'Turn', lengthMs: 60_000 },
    headQuick: { code: 'headQuick', weight: 'caution', stepIds: [], move: 'Nod', repSec: 1 },
    repsMany: { code: 'repsMany', weight: 'look', stepIds: [], move: 'Rolls', times: 40, most: 12 },
    holdLongHere: {
      code: 'holdLongHere',
      weight: 'look',
      stepIds: [],
      move: 'Ear',
      what: 'the neck',
      holdMs: 60_000,
      mostMs: 45_000,
    },
    neckInRow: { code: 'neckInRow', weight: 'look', stepIds: [], move: 'Chin up', holds: 4 },
    toldInVain: { code: 'toldInVain', weight: 'look', stepIds: [], what: 'standing' },
    wordsHarsh: { code: 'wordsHarsh', weight: 'caution', stepIds: [], move: 'Ear', said: 'bounce' },
    wordsBoth: { code: 'wordsBoth', weight: 'caution', stepIds: [], move: 'Ear', said: 'both ears at once' },
    wordsPlace: {
      code: 'wordsPlace',
      weight: 'caution',
      stepIds: [],
      move: 'Rolls',
      said: 'stand up',
      place: 'edge',
    },
    wordsIll: { code: 'wordsIll', weight: 'caution', stepIds: [], said: 'you have arthritis' },
    eyesStanding: {
      code: 'eyesStanding',
      weight: 'caution',
      stepIds: [],
      move: 'Bend',
      said: 'close your eyes',
    },
    breathQuick: { code: 'breathQuick', weight: 'look', stepIds: [], move: 'Breathe', perMinute: 14 },
    headDownLong: { code: 'headDownLong', weight: 'caution', stepIds: [], move: 'Fold', lengthMs: 40_000 },
    pauseOneSide: { code: 'pauseOneSide', weight: 'look', stepIds: [], move: 'Lean', side: 'right' },
    unannounced: { code: 'unannounced', weight: 'look', stepIds: [], move: 'Step', what: 'standing' },
    thingUnused: { code: 'thingUnused', weight: 'look', stepIds: [], thing: 'strap' },
    wordsDose: {
      code: 'wordsDose',
      weight: 'caution',
      stepIds: [],
      move: 'Roll',
      said: 'five times',
      done: '8 times',
    },
    wordsSide: {
      code: 'wordsSide',
      weight: 'caution',
      stepIds: [],
      move: 'Lean',
      said: 'right',
      led: 'left',
    },
    wordsPart: { code: 'wordsPart', weight: 'caution', stepIds: [], move: 'Lean', said: 'wrists' },
    wordsClaim: { code: 'wordsClaim', weight: 'caution', stepIds: [], said: 'heals' },
  };
  it.each(Object.values(samples))('$code says what and why, and where it comes from', (finding) => {
    const { title, why } = findingWords(finding);
    expect(title).toMatch(/^[A-Z0-9].*[^.]$/);
    expect(`${title} ${why}`).not.toMatch(/undefined|NaN|\{/);
    expect(why).toMatch(/Common practice|\([^()]* (19|20)\d\d\)|your answer is/);
    expect(why).not.toMatch(/from memory/i);
  });
  it('names the side and the amount as one would say it', () => {
    expect(findingWords(samples.unequalSides).title).toBe('Lean: left gets 12 s less');
  });
});
