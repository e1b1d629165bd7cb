import { Approach, type ApproachQuestion } from '../model';

/** One question on which instructors differ, with why the usual answer is usual. */
export interface Question {
  key: ApproachQuestion;
  ask: string;
  answers: readonly string[];
  /** The reason beside each answer, in the order of the answers. */
  why: readonly string[];
  /** Key of the published source the usual answer rests on; null: common practice, no source. */
  source: 'staticHold' | null;
}

const options = (key: ApproachQuestion): readonly string[] => Approach.shape[key].unwrap().options;

const question = (
  key: ApproachQuestion,
  ask: string,
  why: readonly string[],
  source: Question['source'] = null,
): Question => ({
  key,
  ask,
  answers: options(key),
  why,
  source,
});

/** All questions, in the order of the screen. */
export const approachQuestions: readonly Question[] = [
  question('headCircles', 'Circles of the head', [
    'Avoids bending back and turning at once.',
    'The whole range, for necks that know it.',
    'The smallest movement, for stiff necks.',
  ]),
  question('lookingUp', 'Looking up', [
    'The most careful: chin up to level only.',
    'One at a time, slow, led by the eyes.',
    'As far as the neck goes, for those who do it knowingly.',
  ]),
  question('handOnHead', 'A hand on the head', [
    'Nobody can pull.',
    'The hand lies there and weighs, no more.',
    'A light draw, by the person’s own hand only.',
  ]),
  question('holdIn', 'Holds are measured in', [
    'Easy to plan; shown with breaths.',
    'Ends on a breath out, and calms.',
  ]),
  question(
    'holdLength',
    'Length of a hold',
    [
      'For a tight slot: the least of the published range.',
      'In the middle of the published 10 to 30 s.',
      'The most of the published range.',
      'Long holds, for areas that are tighter.',
    ],
    'staticHold',
  ),
  question('passes', 'Passes', [
    'Once a break: the breaks of a day add up to 60 s.',
    'Twice through, for fewer breaks a day.',
    'For a class.',
  ]),
  question('sides', 'Sides of a series', [
    'Each stretch left and right before the next.',
    'All links on one side, then the other: calmer, but a link can be forgotten.',
  ]),
  question('firstSide', 'Which side first', [
    'Always the same, easy to remember.',
    'Always the same, easy to remember.',
    'Neither is always the one that is rushed.',
  ]),
  question('breathRoute', 'The breath goes', [
    'Quiet, and slow by itself.',
    'The usual one: the longer way out calms.',
    'The slowest way out.',
  ]),
  question('rounding', 'Rounding the spine', [
    'The larger school: the belly is free to draw in.',
    'Breathes into the back ribs.',
  ]),
  question('order', 'Order across the body', [
    'From the neck to the feet; nothing is forgotten.',
    'Begins where the work was done.',
    'Begins in the middle and goes outward.',
    'Opens the chest before the neck.',
    'Goes where it is needed; the order is never remarked on.',
  ]),
  question('warmUp', 'Before holds', [
    'Each area is moved before it is held.',
    'Five minutes of walking warm the whole body.',
    'No warm-up: shorter holds then.',
  ]),
  question('elbow', 'Elbow in wrist stretches', ['Reaches the whole line.', 'Spares the joint.']),
  question('turning', 'Turning the trunk', [
    'The ribs give way as the breath leaves.',
    'Grows while it turns.',
  ]),
  question('reaching', 'Reaching up', ['The ribs lift with the breath.', 'Steadies the low back.']),
  question('belly', 'The belly while moving', [
    'Free breath.',
    'Some support.',
    'Support for turns and folds; never while breathing deep on purpose.',
  ]),
  question('folding', 'Folding forward', [
    'Spares the discs; rounded only when asked for and nobody must avoid it.',
    'Lets the whole back lengthen.',
  ]),
  question('turnPower', 'Power of the turn', [
    'The trunk turns, the arms only keep it.',
    'Goes further, and needs more care.',
  ]),
  question('ending', 'The ending', ['No change of position.', 'Ends on the feet, announced before.']),
  question('counting', 'Counting repetitions', [
    'One, two, three.',
    'Shows how many are left.',
    'Down over the last three; quiet before.',
  ]),
];

/** One question by its key. */
export const questionOf = (key: ApproachQuestion): Question =>
  approachQuestions.find((q) => q.key === key) as Question;
