import { cuesOf } from '../../../cues';
import { otherSide, type Side } from '../../../model';
import { isOneByOne } from '../../../timing';
import { eachStep } from '../../each-step';
import { type PlacedStep, partsOf } from '../../facts';
import type { Finding } from '../../finding';

const SIDE = /\b(left|right)\b/gi;
const PARTS = 'ear|shoulder|arm|elbow|forearm|wrist|hand|palm|hip|thigh|knee|leg|ankle|heel|foot|side';
const SIDED_PART = new RegExp(`\\b(left|right) (${PARTS})\\b`, 'gi');
const TOKEN_PART = new RegExp(`\\{(side|other)\\} (${PARTS})\\b`, 'gi');

/** An ear goes to the shoulder below it, and to no other; what is spoken of between them has no end of a sentence in it. */
const EAR_TO =
  /\b(left|right) ear\b[^.;:!?|]{0,30}?\b(?:to|toward|towards|onto|at|meets?)\b[^.;:!?|]{0,14}?\b(left|right) shoulder\b/i;
const impossible = (words: string): { said: Side; part: string } | null => {
  const [, ear = '', shoulder = ''] = EAR_TO.exec(words) ?? [];
  return ear.toLowerCase() === shoulder.toLowerCase()
    ? null
    : { said: shoulder.toLowerCase() as Side, part: 'shoulder' };
};

/**
 * A part that is said to be on one side where the move's own words only ever have it on the other: “left ear to the right
 * shoulder”. Parts that they do not name are not judged.
 */
const crossed = (at: PlacedStep, words: string, led: Side): { said: Side; part: string } | null => {
  const usual = new Map<string, Set<Side>>();
  const cues = Object.values(cuesOf(at.variant, isOneByOne(at))).join(' ');
  for (const [, token = '', part = ''] of cues.matchAll(TOKEN_PART)) {
    const sides = usual.get(part.toLowerCase()) ?? new Set();
    usual.set(part.toLowerCase(), sides.add(token.toLowerCase() === 'side' ? led : otherSide(led)));
  }
  for (const [, side = '', part = ''] of words.matchAll(SIDED_PART)) {
    const said = side.toLowerCase() as Side;
    if (usual.get(part.toLowerCase())?.has(said) === false) return { said, part: part.toLowerCase() };
  }
  return null;
};

const BOTH =
  /\bboth (?:the |your )?(?:hands|arms|wrists|elbows|legs|knees|feet|ankles|sides|shoulders)\b[^.;:!?|]*\b(?:at once|together|at the same time)\b/i;

/** Both at once in own words, where one side is led after the other. */
export const wordsBoth = eachStep(({ step, move, variant }): Finding[] => {
  const { ways } = move;
  if (!step.words || move.onlyWords || ways.pattern !== 'each' || ways.pair !== 'side') return [];
  const [said] = BOTH.exec(step.words) ?? [];
  if (!said || Object.values(cuesOf(variant)).some((cue) => BOTH.test(cue ?? ''))) return [];
  return [
    { code: 'wordsBoth', weight: 'caution', stepIds: [step.id], move: move.name, said: said.toLowerCase() },
  ];
});

/**
 * A side in own words that is not the one that is led first: whoever says right and leads left loses the room. Words that
 * name the moving side and what stays name both; then the first of them counts, and each part is on its side.
 */
export const wordsSides = eachStep((at, { timeline }): Finding[] => {
  const { step, move } = at;
  if (!step.words || move.onlyWords || move.ways.pattern === 'together') return [];
  const named = [...step.words.matchAll(SIDE)].map(([word]) => word.toLowerCase() as Side);
  const [said] = named;
  const led = partsOf(timeline, step.id).find((p) => p.kind === 'work')?.side;
  if (!said || !led) return [];
  // “All right” is no side.
  if (/\ball right\b/i.test(step.words) && named.length === 1) return [];
  const about = { code: 'wordsSide', weight: 'caution', stepIds: [step.id], move: move.name, led } as const;
  if (said !== led) return [{ ...about, said }];
  const wrong = impossible(step.words) ?? crossed(at, step.words, led);
  return wrong ? [{ ...about, ...wrong }] : [];
});
