import { type Beside, stepAt } from '@kotabi/core/edit';
import type { Break, Move, MoveLookup } from '@kotabi/core/model';

/** What a phase does, as it stands in a sentence. */
const PHASE: Partial<Record<Move['kind'], string>> = {
  settle: 'what settles',
  breathe: 'the breathing',
  mobilise: 'what mobilises',
  massage: 'the massage',
  stretch: 'what stretches',
  activate: 'what activates',
  release: 'what lets go',
  close: 'the close',
};

/** Where a move was put, and why there: "Chin nod: behind “Shoulder rolls”, with what mobilises." */
export const besideWords = (move: Move, beside: Beside, brk: Break, lookup: MoveLookup): string => {
  const named = (id: string): string => {
    const item = brk.items.find((it) => it.id === id);
    const step = item?.type === 'chain' ? item.links.find((l) => l.type === 'step') : stepAt(brk, id);
    const name = step && lookup(step.moveId)?.name;
    if (item?.type === 'chain') return `the series that begins with “${name}”`;
    return name ? `“${name}”` : 'a step';
  };
  const phase = PHASE[move.kind] ?? 'the others';
  switch (beside.code) {
    case 'sameArea':
      return `${move.name}: behind ${named(beside.afterId)}, with ${phase} for the ${move.areas[0]}.`;
    case 'samePhase':
      return `${move.name}: behind ${named(beside.afterId)}, with ${phase}.`;
    case 'phaseBefore':
      return `${move.name}: before ${named(beside.beforeId)}, as ${phase} comes there.`;
    case 'first':
      return `${move.name}: the first step.`;
    case 'last':
      return `${move.name}: at the end.`;
  }
};
