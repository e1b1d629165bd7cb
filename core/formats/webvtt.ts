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
  if (reps === null) return doseWords({ measure: 'seconds', amount: Number((lengthMs / 1000).toFixed(1)) });
  return doseWords({ measure: 'reps', amount: reps, repSec: breath ? 'breath' : lengthMs / 1000 / reps });
};

const head = (part: Part): string =>
  part.kind === 'note' ? '' : [part.moveName, partTitle(part), partDose(part)].filter(Boolean).join(' · ');

/** A break as a WebVTT cue track: what is done as a heading, and below it each line when it is spoken. */
export const breakToVtt = (name: string, timeline: Timeline): string => {
  const cues = timeline.parts.flatMap((part) => {
    const endMs = part.startMs + part.lengthMs;
    const said = part.lines.map((l) => ({ atMs: part.startMs + l.atMs, text: l.text }));
    const starts = said[0]?.atMs === part.startMs ? said : [{ atMs: part.startMs, text: '' }, ...said];
    return starts.map(({ atMs, text }, i) => ({
      from: atMs,
      to: starts[i + 1]?.atMs ?? endMs,
      lines: [head(part), text].filter((line) => line.trim() !== ''),
    }));
  });
  const blocks = cues
    .filter((cue) => cue.to > cue.from && cue.lines.length > 0)
    .map(({ from, to, lines }, i) =>
      [`${i + 1}`, `${vttTime(from)} --> ${vttTime(to)}`, ...lines.map(escapeCue)].join('\n'),
    );
  return `${[`WEBVTT ${escapeCue(name)}`, ...blocks].join('\n\n')}\n`;
};
