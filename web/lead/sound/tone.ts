// Only what is used of the sound library, from where it lies: all of it at once would start a clock in a worker made of text,
// which a page without inline script does not run.

import { Panner } from 'tone/build/esm/component/channel/Panner.js';
import { Context } from 'tone/build/esm/core/context/Context.js';
import { Gain } from 'tone/build/esm/core/context/Gain.js';
import { getContext, setContext } from 'tone/build/esm/core/context/GlobalContext.js';
import { Offline } from 'tone/build/esm/core/context/Offline.js';
import { Oscillator } from 'tone/build/esm/source/oscillator/Oscillator.js';

// Everything is set ahead by the audio clock: no clock of its own is needed.
setContext(new Context({ clockSource: 'timeout', lookAhead: 0 }));

/** Lets it sound: browsers allow that only after a press. */
const start = (): Promise<void> => getContext().resume();

export { Gain, getContext, Offline, Oscillator, Panner, start };
