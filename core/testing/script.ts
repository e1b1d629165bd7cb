import { aheadOf, partTitle, type Timeline } from '../timing';

const sec = (ms: number): string => (ms / 1000).toFixed(1).padStart(6);

/** A timeline as lines to be read: start, length and part, what comes after it, and when each line is spoken. */
export const scriptOf = ({ parts }: Pick<Timeline, 'parts'>): string[] =>
  parts.flatMap((part) => {
    const { change, ...what } = aheadOf(parts, part);
    const next = [change, ...Object.values(what)].filter((w) => w !== '').join(' ');
    return [
      `${sec(part.startMs)} ${sec(part.lengthMs)} ${part.kind}: ${[part.moveName, partTitle(part)].filter(Boolean).join(' · ')} (then: ${next})`,
      ...part.lines.map((l) => `              ${sec(l.atMs)} ${l.role}: ${l.text}`),
      ...part.dropped.map((l) => `                 no time for ${l.role}: ${l.text}`),
    ];
  });
