import { remembered } from '../../../words';
import { eachStep } from '../../each-step';
import type { Finding } from '../../finding';
import { allSaid, saidIn } from './said-in';

/** What nobody should be told to do in a stretch break. Common practice: ease, breath, and an end before pain. */
const HARSH: readonly string[] = [
  '(?:push|work|go|breathe|stretch|move) (?:on |right )?(?:through|into|past) (?:the |your |any )?(?:pain|hurt|discomfort|burn(?:ing)?|tingl\\w*|numb\\w*)',
  'even (?:if|when|though) (?:it|that|this) (?:really |still )?(?:hurts?|burns?|tingles?|aches?|is painful)',
  'ignore (?:the |any |a |your )?(?:little )?(?:pain|discomfort|burning|tingl\\w*|numb\\w*|dizz\\w*)',
  '(?:until|till) (?:it|you) (?:really )?(?:hurts?|feels? pain|burns?)',
  '(?:no pain,? no gain|should (?:really )?hurt|feel the burn)',
  'as (?:hard|far|strongly) as (?:you can|possible)',
  '(?:pull|push|press|yank|tug|wrench)(?:s|ing)?(?: the \\w+| your \\w+| it| on it| down| back)? (?:really )?(?:hard|with (?:all your )?force)',
  '(?:force|jerk|yank|wrench|snap|crack|pop)(?:s|ing)?(?: it)? (?:the |your )?(?:head|neck|back|arm|shoulder|spine|wrist|knee|leg|chin|joints?|fingers|knuckles)',
  '(?:drop|throw|fling|let) (?:the |your )?head (?:fall |drop |hang )?(?:all the way )?back(?:ward)?',
  '(?:force|jerk|yank|wrench|crank)(?:s|ing)? (?:it|yourself|round|around|down|up|back|further)',
  '(?:until|till) (?:the |your |it |something )?(?:\\w+ )?(?:cracks?|pops?|clicks?)',
  '(?:(?:want|wish|like|aim|until|till|enjoy|welcome)(?: \\w+){0,4}|good|nice|healthy) (?:tingl\\w*|numb\\w*|pins and needles|electric\\w*)',
  'hold(?:ing)? (?:the|your) breath',
  'lock(?:ing)? (?:out )?(?:the |your )?(?:knees?|elbows?)',
];
export const HARSH_WORDS = new RegExp(`\\b(?:${HARSH.join('|')})\\b`, 'gi');
/** In a hold; heels may bounce while legs are shaken out. */
export const BOUNCES = /\b(?:bounce|bouncing|bob up and down|swing into it)\b/gi;

const harshIn = remembered((text) => saidIn(text, HARSH_WORDS));
const bouncesIn = remembered((text) => saidIn(text, BOUNCES));

/** Own words, or those of an own move, that ask for force, for pain, for a tingle, or for a held breath. */
export const wordsHarsh = eachStep((at): Finding[] => {
  const { step, move } = at;
  const words = allSaid(at);
  const said = harshIn(words) ?? (move.kind === 'release' ? null : bouncesIn(words));
  return said === null
    ? []
    : [{ code: 'wordsHarsh', weight: 'caution', stepIds: [step.id], move: move.name, said }];
});
