import type { Pace } from '../model';
import { meanOf } from '../stats';
import type { Records } from '../trends';
import type { Proposal } from './proposal';

/** From so many times led on the pace of a break is judged; and from so much more than planned. Common practice, no source. */
export const ENOUGH_TIMES = 4;
export const OVER = 1.1;

/** What is known of a break that was led: its name and how fast it is thought to be spoken. */
export interface PaceOf {
  name: string;
  pace: Pace;
}

const held = (value: number, least: number, most: number): number => Math.min(most, Math.max(least, value));

/** Breaks whose words and changes take longer each time than planned: with the pace at which they were really led. */
export const runsOver = ({ rows }: Records, paceOf: (breakId: string) => PaceOf | undefined): Proposal[] => {
  const byBreak = new Map<string, Records['rows'][number]['row'][]>();
  for (const { row } of rows)
    if (row.breakId !== null && row.written === 'while led' && row.ending === 'to the end')
      byBreak.set(row.breakId, [...(byBreak.get(row.breakId) ?? []), row]);
  return [...byBreak].flatMap(([breakId, led]) => {
    const known = paceOf(breakId);
    const over = led.map(
      (r) => (r.said.doneMs + r.changed.doneMs) / (r.said.plannedMs + r.changed.plannedMs),
    );
    if (!known || led.length < ENOUGH_TIMES || !over.every((o) => o >= OVER)) return [];
    const ratio = (of: 'said' | 'changed'): number => {
      const planned = led.reduce((sum, r) => sum + r[of].plannedMs, 0);
      return planned === 0 ? 1 : led.reduce((sum, r) => sum + r[of].doneMs, 0) / planned;
    };
    const sec = Math.round(
      meanOf(led.map((r) => r.said.doneMs + r.changed.doneMs - r.said.plannedMs - r.changed.plannedMs)) /
        1000,
    );
    const { pace, name } = known;
    const wordsPerMinute = held(Math.round(pace.wordsPerMinute / ratio('said') / 5) * 5, 60, 260);
    const changeSec = held(Math.round(pace.changeSec * ratio('changed') * 2) / 2, 0, 60);
    if (wordsPerMinute === pace.wordsPerMinute && changeSec === pace.changeSec) return [];
    return [
      {
        key: `pace-${breakId}-${wordsPerMinute}-${changeSec}`,
        text: `Give “${name}” the time it takes.`,
        why: `Led ${led.length} times, words and changes took longer than planned each time, about ${sec} s in all.`,
        changes: `Its pace becomes ${wordsPerMinute} words a minute (now ${pace.wordsPerMinute}) and ${changeSec} s for a change (now ${pace.changeSec} s); fit it into its slot again.`,
        effect: { what: 'pace' as const, breakId, breakName: name, wordsPerMinute, changeSec },
      },
    ];
  });
};
