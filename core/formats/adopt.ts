import { type Break, type Item, type Move, type MoveLookup, mapChain, type Step } from '../model';
import { BREAK_FILE_VERSION, type BreakFile } from './break-file';

const same = (a: Move, b: Move): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * Makes a break file one's own: the break gets a new id, moves that are not known here come along, and a move
 * that is known here under the same id but reads differently comes along under a new id, so that neither the
 * file nor what is here changes its meaning.
 */
export const adoptBreakFile = (
  { break: brk, moves, version }: BreakFile,
  lookup: MoveLookup,
  newId: () => string,
): { brk: Break; newMoves: Move[] } => {
  const renamed = new Map<string, string>();
  const newMoves = moves.flatMap((move): Move[] => {
    const here = lookup(move.id);
    // Earlier versions of the file wrote the library's moves with less in them than the library has now.
    const older = version < BREAK_FILE_VERSION && here?.name === move.name;
    if (here && (same(here, move) || older)) return [];
    if (!here) return [move];
    const id = newId();
    renamed.set(move.id, id);
    return [{ ...move, id }];
  });
  const named = (id: string): string => renamed.get(id) ?? id;
  const step = (s: Step): Step => ({
    ...s,
    moveId: named(s.moveId),
    ...(s.meanwhile && { meanwhile: { ...s.meanwhile, moveId: named(s.meanwhile.moveId) } }),
  });
  const items = brk.items.map((item): Item => (item.type === 'step' ? step(item) : mapChain(item, step)));
  return { brk: { ...brk, id: newId(), items }, newMoves };
};
