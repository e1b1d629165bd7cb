import type { DayInput, MinuteOfDay, Minutes } from '@kotabi/core/model';

/** How minutes and runs lie on a band of so many pixels. */
export interface BandScale {
  x: (minute: MinuteOfDay) => number;
  y: (run: Minutes) => number;
  minuteAt: (x: number) => number;
  base: number;
}

const TOP = 20;
export const BAND_HEIGHT = 84;
/** Below it: a line with the names of the breaks, and one with the hours. */
export const NAMES_AT = 25;
export const HOURS_AT = 41;
export const BELOW = 46;

/** Width of a letter of a label, about. */
const LETTER = 5.7;

/** A label cut to the room there is, after a word where most of it is left then; empty where no word of it would be left. */
export const fitted = (text: string, room: number): string => {
  const letters = Math.floor(room / LETTER);
  if (letters < 4) return '';
  if (text.length <= letters) return text;
  const cut = text.slice(0, letters - 1);
  const word = /\s/.test(text.charAt(cut.length)) ? cut : cut.replace(/\s+\S*$/, '');
  return `${(word.length >= 0.7 * cut.length ? word : cut).trimEnd()}…`;
};

/** A label on two lines where it does not fit one and its words allow it; what is too long for the last is cut. */
export const wrapped = (text: string, room: number): string[] => {
  const letters = Math.floor(room / LETTER);
  const words = text.split(/\s+/);
  let first = words.shift() ?? '';
  while (words[0] !== undefined && first.length + 1 + words[0].length <= letters)
    first += ` ${words.shift()}`;
  const lines = first.length <= letters ? [first, fitted(words.join(' '), room)] : [fitted(text, room)];
  return letters < 4 ? [] : lines.filter((line) => line !== '');
};

/** So many letters of a name say which one it is; fewer say nothing. */
const TELLING = 12;

/** When and what, in the room there is: the time alone where too little would be left of the name. */
export const timeAndName = (time: string, name: string, room: number): string => {
  const said = fitted(name, room - (time.length + 1) * LETTER);
  return said.length >= Math.min(TELLING, name.length) ? `${time} ${said}`.trimEnd() : time;
};

export const bandScale = (
  { startMin, endMin }: Pick<DayInput, 'startMin' | 'endMin'>,
  width: number,
  highestRun: Minutes,
): BandScale => {
  const perMinute = width / (endMin - startMin);
  const base = BAND_HEIGHT;
  return {
    base,
    x: (minute) => (minute - startMin) * perMinute,
    y: (run) => base - (Math.min(run, highestRun) / highestRun) * (base - TOP),
    minuteAt: (x) => startMin + x / perMinute,
  };
};

/** The same shape, so low that many fit on a page. */
export const flatScale = (
  hours: Pick<DayInput, 'startMin' | 'endMin'>,
  width: number,
  height: number,
  highestRun: Minutes,
): BandScale => {
  const full = bandScale(hours, width, highestRun);
  return { ...full, base: height, y: (run) => height - (full.base - full.y(run)) * (height / full.base) };
};

/** The run at the desk as an outline: it climbs minute by minute and falls at once. */
export const runPath = (
  run: readonly Minutes[],
  startMin: MinuteOfDay,
  { x, y, base }: BandScale,
): string => {
  let d = `M${x(startMin).toFixed(1)} ${base}`;
  let before = 0;
  let straight = true;
  run.forEach((now, i) => {
    const minute = startMin + i;
    const climbs = now === before + 1;
    // Points within one straight climb are left out.
    if (!climbs || !straight) d += ` L${x(minute).toFixed(1)} ${y(before).toFixed(1)}`;
    if (!climbs) d += ` L${x(minute).toFixed(1)} ${y(now).toFixed(1)}`;
    straight = climbs;
    before = now;
  });
  const end = startMin + run.length;
  return `${d} L${x(end).toFixed(1)} ${y(before).toFixed(1)} L${x(end).toFixed(1)} ${base} Z`;
};
