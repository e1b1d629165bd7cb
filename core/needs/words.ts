import type { MoveLookup } from '../model';
import type { Answer, Reason } from './answer';
import type { NeedsRow } from './table';

/** How something is said: to the instructor of somebody, or to everyone. */
interface Wording {
  seat: string;
  feetIn: string;
  without: string;
  rung: (name: string) => string;
}
const OF_SOMEBODY: Wording = {
  seat: 'stays seated',
  feetIn: 'feet hip-width apart',
  without: 'without what is done meanwhile',
  rung: (name) => `rung “${name}”`,
};
const TO_EVERYONE: Wording = {
  seat: 'stay seated',
  feetIn: 'keep your feet hip-width apart',
  without: 'leave out what moves meanwhile',
  rung: (name) => `keep to “${name}”`,
};

/** Another place is the seat instead of standing or the floor; or, on the seat, the feet nearer together. */
const sitsAnyway = ({ demand }: Reason): boolean =>
  demand === 'legs wide' || demand === 'knees wide on the seat';

/** A rung, a seat, or both, in words. */
const easierText = ({ rung, position, alone, reasons }: Answer, words: Wording): string =>
  [
    position && (reasons.some(sitsAnyway) ? words.feetIn : words.seat),
    rung !== undefined && words.rung(rung),
    alone && words.without,
  ]
    .filter(Boolean)
    .join(', ');

/** The answer in a phrase: which rung, or which move instead. */
export const answerText = (answer: Answer, lookup: MoveLookup): string => {
  switch (answer.verdict) {
    case 'fine':
      return answer.care.length > 0 ? 'fine, with care' : 'fine';
    case 'easier rung':
      return easierText(answer, OF_SOMEBODY);
    case 'another move': {
      const name = lookup(answer.instead ?? '')?.name ?? 'another move';
      const how = answer.rung === undefined ? '' : `, rung “${answer.rung}”`;
      return `instead: ${name}${how}${answer.otherArea ? ' (for another area)' : ''}`;
    }
    case 'leave out':
      return 'leaves this out';
  }
};

const unique = (texts: readonly string[]): string[] => [...new Set(texts)];

/** The reasons of an answer, in phrases. */
export const reasonText = (reasons: readonly Reason[]): string =>
  unique(reasons.map((r) => r.why)).join('; ');

/** What one may rather not do, in words that name what is done and nobody: to be heard by everyone. */
const RATHER_NOT: Record<Reason['demand'], string> = {
  movement: 'take part in this one',
  'neck turned': 'turn the head far',
  'neck bent to the side': 'tilt the head',
  'chin to the chest': 'bring the chin down',
  'looking up': 'look up',
  'head low': 'hang the head low',
  'back rounded': 'round the back',
  'back rounded a little': 'round the back',
  'back arched': 'arch the back',
  'back turned': 'turn far',
  'back bent to the side': 'lean to the side',
  'deep lean forward': 'fold forward',
  'arms overhead': 'raise the arms overhead',
  'arm at shoulder height': 'raise the arm',
  'arm across': 'take the arm across',
  'arm behind': 'take the arm behind you',
  'wrist bent far': 'bend the wrist far',
  'hip bent deep': 'bend the hip deeply',
  'leg crossed': 'cross the leg',
  'legs wide': 'open the knees wide',
  'knee bent deep': 'bend the knee deeply',
  'knee straight': 'straighten the knee',
  standing: 'stand',
  'on the floor': 'go down to the floor',
  'both arms': 'use both arms',
  'arms alike': 'move both arms',
  'edge of the seat': 'sit on the edge',
  'arms stretched out': 'stretch the arms out',
  'hand weight on the head': 'have a hand on the head',
  'long breath out': 'breathe out long',
  'breath leads': 'move with the breath',
  'firm pressure': 'press firmly',
  grip: 'grip firmly',
  effort: 'work hard',
  'eyes closed': 'close the eyes',
  'eyes follow': 'follow with the eyes',
  'weight on the hands': 'put weight on the hands',
  'chair carries': 'lean on the chair',
  'room beside the seat': 'reach beside the seat',
  'room behind the seat': 'reach behind the seat',
  'belly pressed': 'press the belly',
  'end of range': 'go all the way',
  'both hands': 'use both hands',
  'held breath': 'hold the breath',
  'sideways on the seat': 'sit sideways',
  'hand at the neck': 'touch the neck',
  'needs sight': 'look far',
  'full head circle': 'take the head all the way round',
  'feet off the floor': 'lift both feet',
  'looking up while turned': 'look up to the side',
  'hinge with a long back': 'lean far forward',
  'knees wide on the seat': 'open the knees wide',
  'knee bent under load': 'bend the knees standing',
  'on one leg': 'stand on one leg',
  'turned while bent': 'turn while you lean forward',
  'hip turned in': 'turn the leg in',
  'hip bent past level': 'bend the hip past level',
  'hip stretched back': 'take the leg far back',
  'lying on the back': 'lie on the back',
  'lying on the side': 'lie on the side',
  'head moving': 'move the head',
  'head moving fast': 'move the head fast',
  'long at the end': 'stay so long',
  'arms overhead for long': 'keep the arms up so long',
  'effort for long': 'work so long',
  things: 'do without',
};

/** What one does instead, as it is said to the group. */
const choice = (answer: Answer, lookup: MoveLookup): string => {
  if (answer.verdict === 'leave out') return 'rest here and breathe along';
  if (answer.verdict === 'another move') {
    const how = answer.rung === undefined ? '' : `, “${answer.rung}”`;
    return `do “${lookup(answer.instead ?? '')?.name ?? ''}”${how} instead`;
  }
  return easierText(answer, TO_EVERYONE);
};

/** What is for the instructor to mind, and would point at somebody if it were said aloud. */
const NOT_ALOUD: readonly string[] = ['one arm', 'limited sight', 'limited hearing'];
const aloud = ({ limit }: Reason): boolean => typeof limit === 'string' || !NOT_ALOUD.includes(limit.limit);
const ofRoom = ({ limit }: Reason): boolean => typeof limit === 'string';
const sentence = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;

/** Something said: a choice with what one may rather not do, or a plain sentence; and how much it matters. */
type Said = { weight: number } & ({ text: string } | { rather: string; what: string });

/** What is said of one answer: a choice, by what is done; or, where it is fine with care, what to mind. */
const spoken = (answer: Answer, lookup: MoveLookup): Said[] => {
  if (answer.verdict === 'fine')
    return answer.care.filter(aloud).map(({ why }) => ({ text: sentence(why), weight: 0 }));
  const [first] = [...answer.reasons].sort((a, b) => WEIGHT[b.weight] - WEIGHT[a.weight]);
  if (!first) return [];
  const what = choice(answer, lookup);
  const weight = WEIGHT[first.weight];
  if (answer.reasons.every(ofRoom)) return [{ text: `In this room, and in these chairs: ${what}.`, weight }];
  const rather = RATHER_NOT[(answer.reasons.find((r) => !ofRoom(r)) ?? first).demand];
  return [{ rather, what, weight }];
};

/** “Only a little” says this as well, and more. */
const EASY = / only as far as is easy\.$/;

/** Each sentence once: what leads to the same choice is one sentence, "… tilt the head, or turn far: keep to “small”." */
const sentences = (all: readonly Said[]): { text: string; weight: number }[] => {
  const plain = new Map<string, number>();
  const choices = new Map<string, { rather: string[]; weight: number }>();
  for (const said of all) {
    if ('text' in said) {
      plain.set(said.text, Math.max(said.weight, plain.get(said.text) ?? 0));
      continue;
    }
    const one = choices.get(said.what) ?? { rather: [], weight: 0 };
    if (!one.rather.includes(said.rather)) one.rather.push(said.rather);
    choices.set(said.what, { ...one, weight: Math.max(one.weight, said.weight) });
  }
  return [
    ...[...choices].map(([what, { rather, weight }]) => ({
      text: `If you would rather not ${rather.join(', or ')}: ${what}.`,
      weight,
    })),
    ...[...plain]
      .filter(([text]) => !EASY.test(text) || !plain.has(text.replace(EASY, ' only a little.')))
      .map(([text, weight]) => ({ text, weight })),
  ];
};
const WEIGHT: Record<Reason['weight'], number> = { care: 1, ease: 2, avoid: 3 };

/** So many sentences are said before the start; nobody keeps more in mind. Common practice, no source. */
const MOST_BEFORE = 3;

export interface ReadOutStep {
  stepId: string;
  move: string;
  lines: string[];
}
export interface ReadOut {
  /** Before the start: what matters most, in sentences that name their move. */
  before: string[];
  /** At the steps themselves, in order. */
  steps: ReadOutStep[];
}

/** The names of some moves, short enough to be said: two of them, and how many more. */
const named = ([first = '', second, ...more]: readonly string[]): string => {
  if (second === undefined) return first;
  // Names have commas of their own.
  return more.length === 0 ? `“${first}” and “${second}”` : `“${first}”, “${second}” and ${more.length} more`;
};

/**
 * What can be read out to everyone, by what is done: it names no condition and no person. The weightiest sentences are
 * for before the start; each is said at its step as well.
 */
export const readOut = (rows: readonly NeedsRow[], lookup: MoveLookup): ReadOut => {
  const all = rows.flatMap(({ step, answers }) => {
    const move = lookup(step.moveId)?.name ?? '';
    const said = sentences(answers.flatMap(({ answer }) => spoken(answer, lookup)));
    return said.length > 0 ? [{ stepId: step.id, move, said }] : [];
  });
  // What is said of several moves is said once, and names them.
  const together = new Map<string, { moves: string[]; weight: number }>();
  for (const { move, said } of all)
    for (const { text, weight } of said) {
      const one = together.get(text) ?? { moves: [], weight: 0 };
      together.set(text, { moves: [...one.moves, move], weight: Math.max(one.weight, weight) });
    }
  const before = [...together]
    .map(([text, { moves, weight }]) => ({ text: `${named([...new Set(moves)])}. ${text}`, weight }))
    .filter(({ weight }) => weight > 1)
    .sort((x, y) => y.weight - x.weight)
    .slice(0, MOST_BEFORE)
    .map(({ text }) => text);
  return {
    before,
    steps: all.map(({ stepId, move, said }) => ({ stepId, move, lines: said.map(({ text }) => text) })),
  };
};
