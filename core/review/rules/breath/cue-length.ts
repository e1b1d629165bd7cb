import { isWork, type Line, sayMs } from '../../../timing';
import { eachStep } from '../../each-step';
import { partsOf } from '../../facts';
import type { Finding } from '../../finding';

/** Longer set-ups than this lose the room. Common practice, no source. */
export const LONGEST_SETUP_MS = 15_000;

/**
 * A cue longer than its time: where it should be felt is said during the work, so it has to fit into the shortest stretch of
 * it on one side (what else is said then gives way by itself); and no set-up runs for more than 15 s.
 */
export const cueLength = eachStep(({ step, move }, { resolved, timeline }): Finding[] => {
  const own = partsOf(timeline, step.id);
  const at = { code: 'cueTooLong', weight: 'look', stepIds: [step.id], move: move.name } as const;
  const setUpMs = Math.max(0, ...own.filter((p) => p.kind === 'say').map((p) => p.lengthMs));
  if (setUpMs > LONGEST_SETUP_MS)
    return [{ ...at, cueMs: setUpMs, roomMs: LONGEST_SETUP_MS, during: 'set-up' }];
  const bySide = new Map<string, number>();
  const work = own.filter(isWork);
  for (const p of work) {
    const key = move.ways.pattern === 'alternate' ? 'all' : `${p.side}`;
    bySide.set(key, (bySide.get(key) ?? 0) + p.lengthMs);
  }
  if (bySide.size === 0) return [];
  const roomMs = Math.min(...bySide.values());
  // Where it is felt, whether it found its moment or not.
  const told = (lines: readonly Line[]): string[] => lines.flatMap((l) => (l.role === 'feel' ? l.text : []));
  const [first = 0, second = 0] = ([0, 1] as const).map((pass) => {
    const texts = work.filter((p) => p.pass === pass).flatMap((p) => [...told(p.lines), ...told(p.dropped)]);
    return texts.length === 0 ? 0 : sayMs(texts.join(' '), resolved.brk.pace);
  });
  const cueMs = Math.max(first, second);
  return cueMs > roomMs ? [{ ...at, cueMs, roomMs, during: 'work' }] : [];
});
