import type { Milliseconds } from '../model';
import { doseWords, type Part, partTitle, type Timeline } from '../timing';

/** A WebVTT timestamp, `hh:mm:ss.ttt`. */
export const vttTime = (ms: Milliseconds): string => {
  const pad = (n: number, width = 2) => String(Math.floor(n)).padStart(width, '0');
  return `${pad(ms / 3_600_000)}:${pad((ms / 60_000) % 60)}:${pad((ms / 1000) % 60)}.${pad(ms % 1000, 3)}`;
};

// W3C WebVTT, cue text: ampersand and less-than must be escaped; greater-than is, so that "-->" cannot occur.
const escapeCue = (text: string): string =>
  text
    .replace(/&/g, '&amp;')
    .replace(/</g, '&lt;')
    .replace(/>/g, '&gt;')
    .replace(/\s*[\r\n]+\s*/g, ' ');

/** How much of it a part of work is. */
const partDose = (part: Part): string => {
  if (part.kind !== 'work') return '';
  const { reps, breath, lengthMs } = part;
  if (reps === null) return doseWords({ measure: 'seconds', amount: Math.ceil(lengthMs / 1000) });
  return doseWords({ measure: 'reps', amount: reps, repSec: breath ? 'breath' : lengthMs / 1000 / reps });
};

const head = (part: Part): string =>
  part.kind === 'note' ? '' : [part.moveName, partTitle(part), partDose(part)].filter(Boolean).join(' · ');

/** What is shown from one moment to another, in lines. */
interface Shown {
  from: Milliseconds;
  to: Milliseconds;
  lines: string[];
}

/**
 * What stands under a picture while a break is led: what is done, and below it each line from when it is spoken. A line that
 * is still being spoken when the next part begins stays on in it, so that nothing is gone before it can be read.
 */
const shownIn = (timeline: Timeline): Shown[] => {
  let spoken = { untilMs: 0, text: '' };
  return timeline.parts
    .flatMap((part) => {
      const endMs = part.startMs + part.lengthMs;
      const said = part.lines.map((l) => ({ atMs: part.startMs + l.atMs, text: l.text }));
      const first = { atMs: part.startMs, text: spoken.untilMs > part.startMs ? spoken.text : '' };
      const starts = said[0]?.atMs === part.startMs ? said : [first, ...said];
      const last = part.lines.at(-1);
      if (last) spoken = { untilMs: part.startMs + last.atMs + last.lengthMs, text: last.text };
      return starts.map(({ atMs, text }, i) => ({
        from: atMs,
        to: starts[i + 1]?.atMs ?? endMs,
        lines: [head(part), text].filter((line) => line.trim() !== ''),
      }));
    })
    .filter((cue) => cue.to > cue.from && cue.lines.length > 0);
};

/** A break as a WebVTT cue track. */
export const breakToVtt = (name: string, timeline: Timeline): string => {
  const blocks = shownIn(timeline).map(({ from, to, lines }, i) =>
    [`${i + 1}`, `${vttTime(from)} --> ${vttTime(to)}`, ...lines.map(escapeCue)].join('\n'),
  );
  return `${[`WEBVTT ${escapeCue(name)}`, ...blocks].join('\n\n')}\n`;
};

/** A SubRip timestamp, `hh:mm:ss,ttt`. */
export const srtTime = (ms: Milliseconds): string => vttTime(ms).replace('.', ',');

/** A break as SubRip captions: common practice, there is no standard. An arrow in a line would begin another cue. */
export const breakToSrt = (timeline: Timeline): string =>
  shownIn(timeline)
    .map(({ from, to, lines }, i) =>
      [
        `${i + 1}`,
        `${srtTime(from)} --> ${srtTime(to)}`,
        ...lines.map((line) => line.replace(/-->/g, '→').replace(/\s*[\r\n]+\s*/g, ' ')),
      ].join('\n'),
    )
    .join('\n\n')
    .concat('\n');

const clock = (ms: Milliseconds): string =>
  `${Math.floor(ms / 60_000)}:${String(Math.floor((ms / 1000) % 60)).padStart(2, '0')}`;

/** A break as a plain script: what is done, and each line at the minute and second at which it is said. */
export const breakToScript = (name: string, timeline: Timeline): string => {
  const lines: string[] = [name, ''];
  let last = '';
  for (const part of timeline.parts) {
    const now = head(part);
    if (now !== '' && now !== last) lines.push(`${clock(part.startMs)} ${now}`);
    last = now;
    for (const { atMs, text } of part.lines)
      lines.push(`  ${clock(part.startMs + atMs)} ${text.replace(/\s*[\r\n]+\s*/g, ' ')}`);
  }
  return `${lines.join('\n')}\n`;
};
