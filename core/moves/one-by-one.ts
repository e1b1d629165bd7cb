import { type Cues, type Move, type Rung, usuallyInTurns } from '../model';

// A move that goes from side to side says so in its set-up. Where one side is done whole before the other, that must not be
// said, and the second side is no beginning. These words are worked out once, from how the set-ups are written.

/** How a set-up ends where the other way follows at once. */
const TAILS: readonly RegExp[] = [
  /,? (stay a moment, )?then change\.$/i,
  /[;.,] (and )?then (change|the other|the \{other\}|tip the other way)[^.]*\.$/i,
  /\. (Come up|Open|Set both down|Draw both back|Lower both|Let go),? (and change arms|then the other pair)\.$/i,
  /, come up(, | through the middle, )and (over )?to the (other side|\{other\})\.$/i,
  /, (set it down (with care|softly)|and come back), then the \{other\}\.$/i,
  /\. Then change( hands| arms)?\.$/i,
  /; (\{coming\}|coming) and come back, then change\.$/i,
];

const stays: Record<string, string> = { 'stay a moment': ', and stay' };

/** A set-up without what it says of the other way. */
const withoutTurn = (say: string): string => {
  const tail = TAILS.map((t) => t.exec(say)).find((m) => m !== null);
  if (!tail) return say;
  const more = Object.entries(stays).find(([word]) => tail[0].includes(word))?.[1] ?? '';
  return `${say.slice(0, tail.index).replace(/[.,;]$/, '')}${more}.`;
};

/** The way back within the set-up: where a side is done whole it has its own moment, and a hold has none before its end. */
const BACK =
  /([,;] \{coming\} (and come back|to the front|and let it sink)|, set it down (with care|softly)|\. (Set both down|Draw both back|Lower both|Let go))\.$/;
const withoutBack = (say: string): string => say.replace(BACK, '.');

const again = (text: string): string =>
  text
    .replace(/^Beginning (to|with) the /, (_, how: string) => (how === 'to' ? 'Now to the ' : 'Now the '))
    .replace(/^Beginning with /, 'Now ');

/** The last repetition of one side, not of both. */
const last = (text: string): string =>
  text.replace(/ (each (way|side|arm|elbow|leg|foot|pair)|to each side|with each hand)\.$/, '.');

const changed = (words: Partial<Cues>): Partial<Cues> => ({
  ...(words.say !== undefined && { say: withoutBack(withoutTurn(words.say)) }),
  ...(words.again !== undefined && { again: again(words.again) }),
  ...(words.last !== undefined && { last: last(words.last) }),
});

const differing = (words: Partial<Cues>): Partial<Cues> | undefined => {
  const now = Object.entries(changed(words)).filter(([role, text]) => text !== words[role as keyof Cues]);
  return now.length === 0 ? undefined : Object.fromEntries(now);
};

/** A move that goes from side to side, with its words for one side after the other. */
export const withOneByOne = (move: Move): Move => {
  if (!usuallyInTurns(move)) return move;
  const oneByOne = differing(move.cues);
  const rungs = move.rungs.map((rung): Rung => {
    const own = differing(rung);
    return own ? { ...rung, oneByOne: own } : rung;
  });
  return { ...move, rungs, ...(oneByOne && { oneByOne }) };
};
