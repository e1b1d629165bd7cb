import { cueContext } from '../approach/cue-context';
import { cuesOf, numberWord, resolveCue } from '../cues';
import { type Position, variantOf } from '../model';
import type { Pass, Setting } from './pass';
import { isOneByOne, meanwhileSide } from './place';
import type { WorkPart } from './timeline';

const lowered = (text: string): string =>
  /^[A-Z][a-z’']/.test(text) && !/^I\b/.test(text) ? text.charAt(0).toLowerCase() + text.slice(1) : text;
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/**
 * What is said of the movement that is done beside another one, to go after the words of that one: all of it with its
 * count, or (`again`) its short words for the second side. Empty where there is none.
 */
export const besideWords = (p: Pass, role: 'say' | 'again', setting: Setting, position: Position): string => {
  const { meanwhile: second, step } = p.at;
  if (!second || !step.meanwhile) return '';
  const side = meanwhileSide(p.at, p.side);
  const { approach, firstSide, say } = setting;
  const oneSide = side !== null && isOneByOne({ move: second, inTurns: false });
  const cues = cuesOf(variantOf(second, undefined, position), oneSide, say);
  const direction = second.ways.directions?.[0] ?? null;
  const context = cueContext(second, approach, { side: side ?? firstSide, direction, position }, say);
  const words = lowered(resolveCue((role === 'again' && cues.again) || cues.say, context));
  const { times } = step.meanwhile;
  const all =
    times === 1
      ? say('besideOnce', { words })
      : say('besideTimes', { words, number: capital(numberWord(times, say)) });
  return ` ${all}`;
};

/** The second movement as it is kept with the work it goes with. */
export const meanwhileOf = ({ at, side }: Pass): Pick<WorkPart, 'meanwhile'> => {
  const { step, meanwhile: second } = at;
  if (!second || !step.meanwhile) return {};
  const { times } = step.meanwhile;
  return {
    meanwhile: { moveId: second.id, moveName: second.name, times, side: meanwhileSide(at, side) },
  };
};
