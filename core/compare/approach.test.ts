import { describe, expect, it } from 'vitest';
import { stepOf } from '../library';
import { shelf } from '../library/all';
import { type Approach, defaultApproach, type Move } from '../model';
import { brk } from '../testing/build';
import { approachChanges } from '.';

const all = shelf();
const move = (id: string): Move => all.lookup(id) as Move;
const other = (more: Partial<Approach>): Approach => ({ ...defaultApproach, ...more });

describe('what a change would alter', () => {
  const breaks = [
    brk([stepOf(move('round-and-lift'), 'a'), stepOf(move('nod-and-lift'), 'b')], { name: 'One' }),
    brk([stepOf(move('wrist-circles'), 'a')], { id: 'two', name: 'Two' }),
  ];

  it('names the sentences, the notes and the proposals, and nothing else', () => {
    const changes = approachChanges(defaultApproach, other({ rounding: 'inhale rounds' }), breaks, all);
    expect(changes.breaks.map((b) => b.name)).toEqual(['One']);
    expect(changes.breaks[0]?.words[0]?.before).toContain('Breathe in and lift');
    expect(changes.breaks[0]?.words[0]?.after).toContain('Breathe out and lift');
    expect(changes.proposals).toEqual([]);
    const looking = approachChanges(defaultApproach, other({ lookingUp: 'never past neutral' }), breaks, all);
    expect(looking.breaks[0]?.added.map((f) => f.code)).toEqual(['againstApproach']);
    expect(looking.proposals.find((p) => p.moveId === 'nod-and-lift')?.what).toEqual(['rung']);
    const holds = approachChanges(defaultApproach, other({ holdLength: '30 s' }), breaks, all);
    expect(holds.proposals.length).toBeGreaterThan(30);
  });

  it('is nothing when nothing changes', () => {
    expect(approachChanges(defaultApproach, defaultApproach, breaks, all)).toEqual({
      breaks: [],
      proposals: [],
    });
  });
});
