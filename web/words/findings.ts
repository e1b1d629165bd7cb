import { questionOf } from '@kotabi/core/approach';
import { placeWord } from '@kotabi/core/cues';
import { cite, staticHold, staticHoldTotal } from '@kotabi/core/reference';
import type { Finding, FindingCode } from '@kotabi/core/review';
import dayjs from 'dayjs';
import { fullSeconds, length, seconds } from './time';

/** What a finding says: what, and why it matters. Where is the step it points at. */
export interface FindingWords {
  title: string;
  why: string;
}

type Say = { [C in FindingCode]: (f: Extract<Finding, { code: C }>) => FindingWords };

const common = 'Common practice.';

const names = (who: readonly string[]): string =>
  who.length < 2 ? (who[0] ?? '') : `${who.slice(0, -1).join(', ')} and ${who.at(-1)}`;

const say: Say = {
  overSlot: ({ overMs, slotMs }) => ({
    title: `${length(overMs)} over the slot of ${length(slotMs)}`,
    why: `Run over, the last side is the one that gets cut short. ${common}`,
  }),
  underSlot: ({ leftMs, slotMs }) => ({
    title: `${length(leftMs)} of the ${length(slotMs)} are unused`,
    why: `Room for another move, or a longer hold. ${common}`,
  }),
  oneSideOnly: ({ move, missing }) => ({
    title: `${move}: the ${missing} side is left out`,
    why: `What one side gets, the other is owed. ${common}`,
  }),
  linkForgotten: ({ move, missing }) => ({
    title: `${move}: forgotten on the ${missing} in its series`,
    why: `In a series the second side is where a link gets lost. ${common}`,
  }),
  unequalSides: ({ move, short, byMs }) => ({
    title: `${move}: ${short} gets ${seconds(byMs)} less`,
    why: `Uneven on purpose is fine: write the reason down and this goes away. ${common}`,
  }),
  oneDirectionOnly: ({ move, missing }) => ({
    title: `${move}: never goes ${missing}`,
    why: `Ten one way need ten the other way. ${common}`,
  }),
  unequalDirections: ({ move, short, byMs }) => ({
    title: `${move}: ${short} gets ${length(byMs)} less`,
    why: `Directions owe each other the same, like sides; uneven on purpose wants a reason. ${common}`,
  }),
  closeEarly: ({ move, after }) => ({
    title: `${move} closes the break, and ${after} comes after it`,
    why: `An ending in the middle is not noticed as one. Put it at the end. ${common}`,
  }),
  restLong: ({ move, lengthMs, mostMs }) => ({
    title: `${move}: ${seconds(lengthMs)} in the middle of the break`,
    why: `After ${seconds(mostMs)} of nothing people think that it is over. ${common}`,
  }),
  silenceUntold: ({ move, lengthMs }) => ({
    title: `${move}: eyes closed for ${seconds(lengthMs)}, and nobody said how long`,
    why: `Whoever has the eyes closed sees no clock. Say how long it will be, and that the end can be heard. ${common}`,
  }),
  thirdVisit: ({ move, area, visits }) => ({
    title: `${move}: the ${visits === 3 ? 'third' : `${visits}th`} time for the ${area}`,
    why: `Moved once and held once is a clear way through the body; going back again is to and fro. ${common}`,
  }),
  areaFarBeyond: ({ area, heldMs, least, leastMs }) => ({
    title: `The ${area} gets ${length(heldMs)}, the ${least} only ${length(leastMs)}`,
    why: `The break is for both. ${common}`,
  }),
  wristOneWay: ({ move, way }) => ({
    title: `${move}: the wrists are bent with the fingers ${way} only`,
    why: `Both sides of the forearm have worked all day. ${common}`,
  }),
  happened: ({ move, what, last }) => ({
    title: `${move}: ${what}, last on ${dayjs(last).format('D MMMM')}`,
    why: 'Ask those whom it concerns before you lead it again; what is in the records is no diagnosis. Common practice.',
  }),
  headDownLong: ({ move, lengthMs }) => ({
    title: `${move}: the head hangs for ${length(lengthMs)}`,
    why: `Half a minute at a time is enough, for any group; come up slowly. ${common}`,
  }),
  headTurnedLong: ({ move, lengthMs }) => ({
    title: `${move}: the head stays turned for ${length(lengthMs)}`,
    why: `Half a minute at a time is enough, for any group; back to the middle, then again. ${common}`,
  }),
  headQuick: ({ move, repSec }) => ({
    title: `${move}: the head moves in ${repSec} s there and back`,
    why: `Slowly, or it makes dizzy and helps nobody: three seconds and more. ${common}`,
  }),
  repsMany: ({ move, times, most }) => ({
    title: `${move}: ${times} times`,
    why: `Usually ${most} times at most; more of it tires, and nobody counts along. ${common}`,
  }),
  pauseOneSide: ({ move, side }) => ({
    title: `${move}: no rest after the ${side} side, as there was after the other`,
    why: `What one side gets, the other is owed, rests as well. ${common}`,
  }),
  unannounced: ({ move, what }) => ({
    title:
      what === 'castors'
        ? `${move}: nobody has been told to lock or wedge the chair`
        : `${move}: nobody has been told that it is ${what === 'standing' ? 'standing' : 'on the floor'}`,
    why: `Say it before the start, with a choice to stay seated. ${common}`,
  }),
  thingUnused: ({ thing }) => ({
    title: `A ${thing} is asked for and never used`,
    why: `Whoever fetched it waits for it. ${common}`,
  }),
  toldInVain: ({ what }) => ({
    title:
      what === 'standing'
        ? 'Standing is announced and never comes'
        : 'The floor is announced and never comes',
    why: `Whoever got ready for it waits for it, and whoever dreads it dreads it for nothing. ${common}`,
  }),
  wordsDose: ({ move, said, done }) => ({
    title: `${move}: says “${said}”, does ${done}`,
    why: `People count along with what they hear. ${common}`,
  }),
  wordsSide: ({ move, said, led, part }) => ({
    title: part
      ? `${move}: says “${said} ${part}”, where it is the other ${part}`
      : `${move}: says “${said}”, leads ${led} first`,
    why: `Write the placeholders for the side and the other side instead: they become the side that is led. ${common}`,
  }),
  wordsPart: ({ move, said }) => ({
    title: `${move}: the words speak of the ${said.toLowerCase()}`,
    why: `The move is for something else; perhaps the words belong to another step. ${common}`,
  }),
  wordsBoth: ({ move, said }) => ({
    title: `${move}: says “${said}”, leads one side after the other`,
    why: `Say it for one side, with the placeholder for the side; the second side gets its own line. ${common}`,
  }),
  wordsPlace: ({ move, said, place }) => ({
    title: `${move}: says “${said}”, is done ${placeWord(place)}`,
    why: `Change the words, or the place of the step. ${common}`,
  }),
  wordsIll: ({ said }) => ({
    title: `A diagnosis: “${said}”`,
    why: 'What somebody has is for a doctor or physiotherapist to say. Say what to do instead: smaller, or leave it out and ask. Common practice.',
  }),
  eyesStanding: ({ move, said }) => ({
    title: `${move}: says “${said}” while standing`,
    why: `With the eyes closed it is easy to sway. Let the gaze rest on one place, or do it seated. ${common}`,
  }),
  wordsClaim: ({ said }) => ({
    title: `More than anyone can promise: “${said}”`,
    why: 'Say what is known: easier movement, a change of position, a rest. Common practice.',
  }),
  wordsHarsh: ({ move, said }) => ({
    title: `${move}: says “${said}”`,
    why: `Nobody is asked for force, for pain, for a tingle or for a held breath: only as far as it is easy, and the breath goes on. ${common}`,
  }),
  meanwhileLong: ({ move, second, times, takesMs, roomMs }) => ({
    title: `${move}: ${second} ${times} times takes about ${seconds(takesMs)}, and there are ${fullSeconds(roomMs)}`,
    why: `What is done meanwhile should end with what it is done beside. Fewer times, or a longer hold. ${common}`,
  }),
  notMobilised: ({ move, area, holdMs }) => ({
    title: `${move}: held ${seconds(holdMs)} before the ${area} has moved`,
    why: `Muscles stretch best when warm (${cite(staticHold)}). Put a mobilising move for the ${area} before it, or hold 10 s at most.`,
  }),
  strongFirst: ({ move, rung, later }) => ({
    title: `${move}: “${rung}” comes before the easier “${later}”`,
    why: `The easy rung readies for the strong one. ${common}`,
  }),
  largeFirst: ({ move, later }) => ({
    title: `${move} comes before the smaller ${later}`,
    why: `Small movements first, then large ones. ${common}`,
  }),
  noRelease: ({ move, before, muscle }) => ({
    title: `${move}: the ${muscle} again, right after ${before}`,
    why: `Let it go in between, or leave one of the two out. ${common}`,
  }),
  neckLong: ({ move, lengthMs }) => ({
    title: `${move}: the neck works ${seconds(lengthMs)} without coming back`,
    why: `After a minute the head comes back to the middle. ${common}`,
  }),
  holdLongHere: ({ move, what, holdMs, mostMs }) => ({
    title: `${move}: ${what} held for ${seconds(holdMs)} at a time`,
    why: `Long for ${what}: up to ${seconds(mostMs)} at a time, or twice with a moment let go between. ${common}`,
  }),
  neckInRow: ({ move, holds }) => ({
    title: `${move}: hold number ${holds} of the neck in a row`,
    why: `After three, shake out or roll the shoulders before the next. ${common}`,
  }),
  backwardCircle: ({ move }) => ({
    title: `${move}: a full circle through the back`,
    why: `Tipped back and turned at once is what a neck likes least. Your approach keeps to the front half. ${common}`,
  }),
  extensionWithTurn: ({ move, backDeg, turnDeg }) => ({
    title: `${move}: head ${backDeg}° back and ${turnDeg}° turned at once`,
    why: `Extension and rotation are not put together in a group. ${common}`,
  }),
  lookingUpFar: ({ move, backDeg, mostDeg }) => ({
    title: `${move}: looks up ${backDeg}°`,
    why: `Your approach lifts the gaze, which is about ${mostDeg}° at most. ${common}`,
  }),
  foldWithTwist: ({ move, turnDeg }) => ({
    title: `${move}: a deep fold turned by ${turnDeg}°`,
    why: `Fold or turn the low back, not both at once. ${common}`,
  }),
  headLow: ({ move, who, why }) => ({
    title: `${move}: the head goes low, not for ${names(who)}`,
    why: `${why[0]?.toUpperCase()}${why.slice(1)}. ${common} In doubt, a doctor or physiotherapist decides.`,
  }),
  chestWithoutRound: ({ move }) => ({
    title: `${move}: the chest is opened, the upper back never rounded`,
    why: `A chest opener is balanced by a rounder. ${common}`,
  }),
  roundWithoutChest: ({ move }) => ({
    title: `${move}: the upper back is rounded, the chest never opened`,
    why: `People come from rounding all day; open the chest as well. ${common}`,
  }),
  toAndFro: ({ to, changes, lostMs }) => ({
    title: `${changes} changes of position: back to ${placeWord(to)} again`,
    why: `They take ${seconds(lostMs)} and bring unrest. Seated first, then standing. ${common}`,
  }),
  thingLate: ({ move, thing }) => ({
    title: `${move}: needs a ${thing} that nobody has been told of`,
    why: `What is needed is announced before the start, never halfway. ${common}`,
  }),
  excluded: ({ move, who, why }) => ({
    title: `${move}: not for ${names(who)}, who ${who.length === 1 ? 'does' : 'do'} something else`,
    why: `${why[0]?.toUpperCase()}${why.slice(1)}. What they do instead stands under “Who needs what”. ${common}`,
  }),
  roomUnfit: ({ move, why }) => ({
    title: `${move}: does not go with this room`,
    why: `${why[0]?.toUpperCase()}${why.slice(1)}. ${common}`,
  }),
  notDiscreet: ({ move }) => ({
    title: `${move}: is heard or noticed on a call`,
    why: `This break is done while on a call. ${common}`,
  }),
  endsOnInhale: ({ move, pastMs, inMs }) => ({
    title: `${move}: ends ${seconds(pastMs)} into a breath in`,
    why: `At this pace a breath in takes ${seconds(inMs)}. A hold is let go with a breath out. ${common}`,
  }),
  breathWords: ({ move, words, usual }) => ({
    title: `${move}: says “${words}”`,
    why: `In your approach it is “${usual}” there. ${common} It is only a note.`,
  }),
  exhaleNotLonger: ({ ratio }) => ({
    title:
      ratio <= 1
        ? 'To calm, but the breath out is not longer'
        : `To calm, but the breath out is only ${ratio} times as long`,
    why: `It calms when it is two to three times as long as the breath in. ${common}`,
  }),
  breathQuick: ({ move, perMinute }) => ({
    title: `${move}: led at ${perMinute} breaths a minute`,
    why: `People sitting still breathe 12 to 20 times a minute anyway: slow breathing is slower. ${common}`,
  }),
  holdTooShort: ({ move, holdMs, leastMs }) => ({
    title: `${move}: held for only ${fullSeconds(holdMs)}`,
    why: `A stretch wants ${seconds(leastMs)} at least (${cite(staticHold)}).`,
  }),
  holdTooLong: ({ move, holdMs, mostMs }) => ({
    title: `${move}: held for ${seconds(holdMs)} at a time`,
    why: `More than ${seconds(mostMs)} at a time is not what is recommended for anyone (${cite(staticHoldTotal)}). Two shorter sets do as well.`,
  }),
  againstApproach: ({ move, question, answer }) => ({
    title: `${move}: not as you usually teach`,
    why: `“${questionOf(question).ask}”: your answer is “${answer}”. Change it here, in the approach of this break, or leave it: it is only a note.`,
  }),
  noSettle: () => ({
    title: 'Nothing to settle with',
    why: `People arrive in a slump; a settling move gives everyone the same start. ${common}`,
  }),
  noBreath: () => ({
    title: 'No breath of its own',
    why: `Two slow breaths slow everything that follows. ${common}`,
  }),
  nothingReleased: () => ({
    title: 'Nothing lets go after the holds',
    why: `Shake or roll out what was held, before going back to work. ${common}`,
  }),
  noClose: () => ({
    title: 'No close',
    why: `Without one nobody notices what changed. ${common}`,
  }),
  targetMissed: ({ area, heldMs }) => ({
    title: `For the ${area}, but ${heldMs === 0 ? 'nothing is done for it' : `only ${fullSeconds(heldMs)} a side`}`,
    why: `It is what this break is for. ${common}`,
  }),
  leftIdle: ({ who, lengthMs, move }) => ({
    title: `${who} has nothing to do for ${length(lengthMs)}, from ${move} on`,
    why: `Half a minute of sitting by is enough. ${common}`,
  }),
  cueTooLong: ({ move, cueMs, roomMs, during }) => ({
    title: `${move}: ${seconds(cueMs)} of words ${during === 'work' ? `for ${fullSeconds(roomMs)} of work` : 'before anything moves'}`,
    why:
      during === 'work'
        ? `What to feel and check does not fit into the time at this pace. ${common}`
        : `Set-ups over ${fullSeconds(roomMs)} lose the room. ${common}`,
  }),
};

/** The words of a finding. */
export const findingWords = (finding: Finding): FindingWords =>
  (say[finding.code] as (f: Finding) => FindingWords)(finding);

/** What a weight is called. */
export const WEIGHT_WORD = { stop: 'Stop', caution: 'Caution', look: 'Worth a look' } as const;
