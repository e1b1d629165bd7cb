import type { Fix } from '../edit/fix';
import type {
  ApproachQuestion,
  Area,
  IsoDate,
  Move,
  MoveLookup,
  Muscle,
  Person,
  Position,
  Side,
  Thing,
  Weight,
} from '../model';
import type { Room } from '../needs';
import type { ResolvedBreak, Timeline } from '../timing';

/** What a careful colleague would notice, as data; the words are the interface's. */
export type Finding = {
  weight: Weight;
  /** The steps it is about, the one to look at first. */
  stepIds: readonly string[];
  /** What would put it right in one press, where something would. */
  fix?: Fix;
} & (
  | { code: 'overSlot'; overMs: number; slotMs: number }
  | { code: 'underSlot'; leftMs: number; slotMs: number }
  | { code: 'oneSideOnly'; move: string; missing: Side }
  | { code: 'linkForgotten'; move: string; missing: Side }
  | { code: 'unequalSides'; move: string; short: Side; byMs: number }
  | { code: 'oneDirectionOnly'; move: string; missing: string }
  | { code: 'unequalDirections'; move: string; short: string; byMs: number }
  | { code: 'closeEarly'; move: string; after: string }
  | { code: 'restLong'; move: string; lengthMs: number; mostMs: number }
  | { code: 'silenceUntold'; move: string; lengthMs: number }
  | { code: 'thirdVisit'; move: string; area: Area; visits: number }
  | { code: 'areaFarBeyond'; area: Area; heldMs: number; least: Area; leastMs: number }
  | { code: 'wristOneWay'; move: string; way: 'up' | 'down' }
  | { code: 'happened'; move: string; what: string; last: IsoDate }
  | { code: 'headDownLong'; move: string; lengthMs: number }
  | { code: 'headTurnedLong'; move: string; lengthMs: number }
  | { code: 'headQuick'; move: string; repSec: number }
  | { code: 'repsMany'; move: string; times: number; most: number }
  | { code: 'pauseOneSide'; move: string; side: Side }
  | { code: 'unannounced'; move: string; what: 'standing' | 'the floor' | 'castors' }
  | { code: 'thingUnused'; thing: Thing }
  | { code: 'toldInVain'; what: 'standing' | 'the floor' }
  | { code: 'wordsDose'; move: string; said: string; done: string }
  | { code: 'wordsSide'; move: string; said: Side; led: Side; part?: string }
  | { code: 'wordsPart'; move: string; said: string }
  | { code: 'wordsPlace'; move: string; said: string; place: Position }
  | { code: 'wordsBoth'; move: string; said: string }
  | { code: 'wordsClaim'; said: string }
  | { code: 'wordsIll'; said: string }
  | { code: 'eyesStanding'; move: string; said: string }
  | { code: 'wordsHarsh'; move: string; said: string }
  | {
      code: 'meanwhileLong';
      move: string;
      second: string;
      times: number;
      takesMs: number;
      roomMs: number;
    }
  | { code: 'notMobilised'; move: string; area: Area; holdMs: number }
  | { code: 'strongFirst'; move: string; rung: string; later: string }
  | { code: 'largeFirst'; move: string; later: string }
  | { code: 'noRelease'; move: string; before: string; muscle: Muscle }
  | { code: 'neckLong'; move: string; lengthMs: number }
  | { code: 'neckInRow'; move: string; holds: number }
  | { code: 'holdLongHere'; move: string; what: 'the neck' | 'arms overhead'; holdMs: number; mostMs: number }
  | { code: 'backwardCircle'; move: string }
  | { code: 'extensionWithTurn'; move: string; backDeg: number; turnDeg: number }
  | { code: 'lookingUpFar'; move: string; backDeg: number; mostDeg: number }
  | { code: 'foldWithTwist'; move: string; turnDeg: number }
  | { code: 'headLow'; move: string; who: readonly string[]; why: string }
  | { code: 'chestWithoutRound'; move: string }
  | { code: 'roundWithoutChest'; move: string }
  | { code: 'toAndFro'; from: Position; to: Position; changes: number; lostMs: number }
  | { code: 'thingLate'; move: string; thing: Thing }
  | { code: 'excluded'; move: string; who: readonly string[]; why: string }
  | { code: 'roomUnfit'; move: string; why: string }
  | { code: 'notDiscreet'; move: string }
  | { code: 'endsOnInhale'; move: string; pastMs: number; inMs: number }
  | { code: 'breathWords'; move: string; words: string; usual: string }
  | { code: 'exhaleNotLonger'; ratio: number }
  | { code: 'breathQuick'; move: string; perMinute: number }
  | { code: 'holdTooShort'; move: string; holdMs: number; leastMs: number }
  | { code: 'holdTooLong'; move: string; holdMs: number; mostMs: number }
  | { code: 'againstApproach'; question: ApproachQuestion; answer: string; move: string }
  | { code: 'noSettle' }
  | { code: 'noBreath' }
  | { code: 'nothingReleased' }
  | { code: 'noClose' }
  | { code: 'targetMissed'; area: Area; heldMs: number }
  | { code: 'leftIdle'; who: string; lengthMs: number; move: string }
  | { code: 'cueTooLong'; move: string; cueMs: number; roomMs: number; during: 'work' | 'set-up' }
);
export type FindingCode = Finding['code'];

/** What happened at a move, in words that name nobody, and when last. */
export interface TroubleHere {
  moveId: string;
  what: string;
  last: IsoDate;
}

/** For whom a break is: the people of a group and their room. */
export interface Audience {
  people: readonly Person[];
  room: Room;
  /** What happened at moves when they were led for these people; left out where nothing did. */
  troubles?: readonly TroubleHere[];
}

/** What a rule looks at. */
export interface ReviewInput {
  resolved: ResolvedBreak;
  timeline: Timeline;
  lookup: MoveLookup;
  /** The moves a fix may put in. */
  library: readonly Move[];
  /** Null when the break is for nobody in particular. */
  audience: Audience | null;
}

/** One small rule: looks at a break and says what it finds. */
export type ReviewRule = (input: ReviewInput) => Finding[];

/** What tells findings of one kind apart, so that one that was set aside is known again after an edit. */
const detail = (f: Finding): string => {
  switch (f.code) {
    case 'againstApproach':
      return f.question;
    case 'targetMissed':
      return f.area;
    case 'leftIdle':
      return f.who;
    case 'thingLate':
    case 'thingUnused':
      return f.thing;
    case 'unannounced':
    case 'toldInVain':
      return f.what;
    case 'wordsClaim':
    case 'wordsIll':
    case 'wordsHarsh':
      return f.said;
    case 'areaFarBeyond':
    case 'thirdVisit':
      return f.area;
    case 'cueTooLong':
      return f.during;
    default:
      return '';
  }
};

/** The name of a finding in a break: what it is, and where. */
export const findingKey = (f: Finding): string =>
  [f.code, detail(f), ...(f.code === 'overSlot' ? [] : f.stepIds.slice(0, 6))].join(' ');
