import { cueContext } from '../../approach/words';
import { resolveCue } from '../../cues';
import { type PartKind, sayMs } from '../../timing';
import { partsOf, placedSteps } from '../facts';
import type { Finding, ReviewRule } from '../finding';

/** Longer set-ups than this lose the room. Common practice, no source. */
const LONGEST_SETUP_MS = 15_000;

/**
 * A cue longer than its time: what should be felt and checked is said during the work, so it has to fit into
 * the shortest stretch of it on one side; and no set-up runs for more than 15 s.
 */
export const cueLength: ReviewRule = ({ resolved, timeline }) =>
  placedSteps(resolved).flatMap(({ step, move }): Finding[] => {
    const own = partsOf(timeline, step.id);
    const length = (kinds: PartKind[]) => own.filter((p) => kinds.includes(p.kind));
    const at = { code: 'cueTooLong', weight: 'look', stepIds: [step.id], move: move.name } as const;
    const setUpMs = Math.max(0, ...length(['say']).map((p) => p.lengthMs));
    if (setUpMs > LONGEST_SETUP_MS)
      return [{ ...at, cueMs: setUpMs, roomMs: LONGEST_SETUP_MS, during: 'set-up' }];
    const bySide = new Map<string, number>();
    for (const p of length(['work'])) {
      const key = move.ways.pattern === 'alternate' ? 'all' : `${p.side}`;
      bySide.set(key, (bySide.get(key) ?? 0) + p.lengthMs);
    }
    if (bySide.size === 0) return [];
    const roomMs = Math.min(...bySide.values());
    const context = cueContext(move, resolved.approach, { side: 'left' });
    const spoken = resolveCue(`${move.cues.feel} ${move.cues.check}`, context);
    const cueMs = sayMs(spoken, resolved.brk.pace);
    return cueMs > roomMs ? [{ ...at, cueMs, roomMs, during: 'work' }] : [];
  });
