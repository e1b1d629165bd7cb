import { Move } from '../model';
import { pose, sec, there, together, unseen } from './make';

const pause = (id: string, name: string, purpose: string, more: Partial<Parameters<typeof Move.parse>[0]>) =>
  Move.parse({
    id,
    name,
    purpose,
    kind: 'pause',
    region: 'breath',
    areas: ['breath'],
    muscles: [],
    position: 'back',
    alsoIn: ['edge', 'wide edge', 'standing', 'floor', 'floor seat'],
    discreet: unseen,
    ways: together,
    returnSec: 0,
    figure: there({}, pose()),
    ...(more as object),
  });

/**
 * What stands between the moves: a rest, words of one's own, a look round the room. They are steps like any
 * other, so that they are timed, led and recorded, but they are not on the shelves. Common practice, no source.
 */
export const pauses: readonly Move[] = [
  pause('pause-rest', 'Rest', 'A breath at neutral between two moves, just to notice.', {
    dose: sec(5, 10, 60),
    cues: {
      say: 'Hands to {lap}. Just notice.',
      feel: 'Notice.',
      check: 'Nothing to do.',
      back: 'And on we go.',
    },
  }),
  pause('pause-note', 'Spoken note', 'Something to say, in your own words.', {
    dose: sec(1, 1, 1),
    onlyWords: true,
    cues: {
      say: 'Just notice how that feels.',
      feel: 'Listen.',
      check: 'Nothing to do.',
      back: 'And on we go.',
    },
  }),
  pause(
    'pause-recross',
    'Other leg in front',
    'On the floor: the crossed legs change, so that neither is always in front.',
    {
      dose: sec(5, 5, 10),
      position: 'floor seat',
      alsoIn: [],
      figure: there({ props: ['mat'] }, pose({}, 'cross-legged')),
      cues: {
        say: 'Cross your legs the other way round, the other shin in front.',
        feel: 'Feel both sitting bones again.',
        check: 'Hands may help the legs.',
        back: 'And on we go.',
      },
    },
  ),
  pause(
    'pause-look',
    'Look round the room',
    'Looks up from the body: is everyone with you, is anyone in trouble?',
    {
      dose: sec(5, 10, 30),
      cues: {
        say: 'Look up and round the room. All well with everyone?',
        feel: 'Let the eyes rest far away.',
        check: 'If something hurts, leave it out.',
        back: 'And on we go.',
      },
    },
  ),
];
