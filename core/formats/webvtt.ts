import { resolveCue } from '../cues';
import type { Milliseconds, Side } from '../model';
import type { ResolvedBreak } from '../timing';
import { type Part, stepMoves, type Timeline } from '../timing';

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

const sideWord = (side: Side | null): string => (side ? `${side === 'left' ? 'Left' : 'Right'} · ` : '');

const secondsText = (ms: Milliseconds): string => `${Number((ms / 1000).toFixed(1))} s`;

const cueText = (part: Part, moveOf: ReturnType<typeof stepMoves>): string => {
  const move = moveOf(part.stepId);
  switch (part.kind) {
    case 'position':
      return 'Change position';
    case 'fetch':
      return `Fetch: ${move?.things.join(', ') ?? ''}`;
    case 'say':
    case 'change':
    case 'return':
      return part.text;
    case 'rest':
      return `Rest ${secondsText(part.lengthMs)}`;
    case 'work': {
      const much = part.reps === null ? secondsText(part.lengthMs) : `${part.reps} ×`;
      const direction = part.direction ? ` ${part.direction}` : '';
      const feel = move ? resolveCue(`${move.cues.feel} ${move.cues.check}`, { side: part.side }) : '';
      return `${sideWord(part.side)}${move?.name ?? ''}${direction} · ${much}\n${escapeCue(feel)}`;
    }
  }
};

/** A break as a WebVTT cue track: what is said and done, at the time at which it happens. */
export const breakToVtt = (resolved: ResolvedBreak, timeline: Timeline): string => {
  const moveOf = stepMoves(resolved);
  const cues = timeline.parts.map((part) => {
    const [head = '', ...rest] = cueText(part, moveOf).split('\n');
    const lines = [escapeCue(head), ...rest].filter((line) => line.trim() !== '');
    const times = `${vttTime(part.startMs)} --> ${vttTime(part.startMs + part.lengthMs)}`;
    return [`${part.index + 1}`, times, ...lines].join('\n');
  });
  return `${[`WEBVTT ${escapeCue(resolved.brk.name)}`, ...cues].join('\n\n')}\n`;
};
