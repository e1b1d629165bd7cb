import { REACHES } from '@kotabi/core/measure';
import type { AreaTension, Measure, Reach, ReachKind, Side } from '@kotabi/core/model';

const fraction = (n: number): string => String(Number(n.toFixed(1)));

/** The hour that a raised arm shows on a clock of which six is at the feet, as one sees one’s own back in it. */
export const clockHour = (side: Side | 'both', up: number): string => {
  const hour = side === 'left' ? 6 + up : 6 - up;
  const whole = Math.floor(hour + 1e-9);
  const name = (h: number): number => ((h + 11) % 12) + 1;
  return hour - whole > 0.25 ? `half past ${name(whole)}` : `${name(whole)} o’clock`;
};

/** A reading of a reach in words, with its unit. */
export const readingText = (kind: ReachKind, side: Side | 'both', value: number): string => {
  if (kind === 'arm on the clock') return clockHour(side, value);
  const { unit } = REACHES[kind];
  if (kind === 'hands on a strap' && value < 0) return `${fraction(-value)} cm overlap`;
  return `${fraction(value)} ${value === 1 ? unit[0] : unit[1]}`;
};

/** A difference of two readings in words, with its unit. */
export const differenceText = (kind: ReachKind, by: number): string => {
  const [one, many] = REACHES[kind].unit;
  const unit = kind === 'arm on the clock' ? (by === 1 ? 'hour' : 'hours') : by === 1 ? one : many;
  return `${fraction(by)} ${unit}`;
};

/** An area with its side: “right neck”. */
export const areaText = ({ area, side }: Pick<AreaTension, 'area' | 'side'>): string =>
  side === 'both' ? area : `${side} ${area}`;

const rating = (n: number | null): string => (n === null ? '–' : String(n));

const reachText = ({ kind, side, before, after }: Reach): string => {
  const first = before[0] ?? after[0];
  if (first === undefined) return '';
  const name = REACHES[kind].name.toLowerCase();
  const to =
    before[0] !== undefined && after[0] !== undefined ? ` → ${readingText(kind, side, after[0])}` : '';
  return `${side === 'both' ? '' : `${side} `}${name} ${readingText(kind, side, first)}${to}`;
};

/** What was measured at one time, in one line. */
export const measureText = ({ tension, tighter, reach }: Measure): string =>
  [
    ...tension.map((t) => `${areaText(t)} ${rating(t.before)} → ${rating(t.after)}`),
    ...(tighter.before ? [tighter.before === 'same' ? 'both alike' : `${tighter.before} tighter`] : []),
    ...reach.map(reachText).filter(Boolean),
  ].join(' · ') || 'nothing yet';
