import type { Milliseconds, Side } from '../model';
import { mostOf, type Part, type PartKind } from './timeline';

/** One number of the working and what it stands for. */
export interface Term {
  kind: 'before' | Exclude<PartKind, 'position' | 'fetch' | 'rest'>;
  lengthMs: Milliseconds;
}
/** The numbers of one side, or of one direction. */
export interface TermGroup {
  label: 'before' | 'together' | 'after' | Side | 'alternating';
  terms: Term[];
}
/** How a length comes about, as data. */
export interface Working {
  groups: TermGroup[];
  totalMs: Milliseconds;
  /** With every range at its upper end; the same as the total where there is none. */
  mostMs: Milliseconds;
}

const termKind = (kind: PartKind): Term['kind'] => {
  if (kind === 'position' || kind === 'fetch') return 'before';
  return kind === 'rest' ? 'work' : kind;
};

const isChange = (kind: Term['kind']): boolean => kind === 'before' || kind === 'work';

/**
 * The working of a step or of a whole chain from its parts. Changes of position and things are one term,
 * sets with their rests are one term, and each side (or direction) is a group.
 */
export const workingOf = (parts: readonly Part[]): Working => {
  const groups: TermGroup[] = [];
  let key = '';
  let last: Part | null = null;
  const sided = parts.filter((p) => p.kind === 'work' && p.side);
  const alternating = sided.some((p, i) => i > 0 && p.side !== sided[i - 1]?.side && p.pass === 0);
  const directed = new Set(parts.filter((p) => p.kind === 'work').map((p) => p.direction)).size > 1;
  for (const part of parts) {
    const kind = termKind(part.kind);
    const leading = kind === 'before' && groups.every((g) => g.label === 'before');
    const label: TermGroup['label'] = leading
      ? 'before'
      : alternating
        ? 'alternating'
        : (part.side ?? (directed && kind === 'return' ? 'after' : 'together'));
    const turned = label === 'together' && part.kind === 'change' && last?.kind === 'work';
    const nextKey = `${label}.${part.pass}.${alternating ? '' : part.chainId === null ? part.stepId : ''}`;
    let group = groups.at(-1);
    if (!group || nextKey !== key || turned) {
      group = { label, terms: [] };
      groups.push(group);
    }
    const term = group.terms.at(-1);
    if (term && term.kind === kind && isChange(kind)) term.lengthMs += part.lengthMs;
    else group.terms.push({ kind, lengthMs: part.lengthMs });
    key = nextKey;
    last = part;
  }
  return { groups, totalMs: parts.reduce((sum, p) => sum + p.lengthMs, 0), mostMs: mostOf(parts) };
};

const sec = (lengthMs: Milliseconds): string => String(Number((lengthMs / 1000).toFixed(3)));

/** The working as a sum in seconds, such as `3 + (6 + 20 + 2) + (4 + 20 + 2) = 57`, or `= 21.5 to 26.5` with a range. */
export const workingText = ({ groups, totalMs, mostMs }: Working): string => {
  const several = groups.filter((g) => g.terms.length > 1).length > 1;
  const sums = groups.map(({ terms }) => {
    const sum = terms.map((t) => sec(t.lengthMs)).join(' + ');
    return several && terms.length > 1 ? `(${sum})` : sum;
  });
  const total = mostMs > totalMs ? `${sec(totalMs)} to ${sec(mostMs)}` : sec(totalMs);
  return `${sums.join(' + ')} = ${total}`;
};
