import { describe, expect, it } from 'vitest';
import { Break } from '../model';
import { mirrorBreak } from './mirror';

const step = { type: 'step', id: 's', moveId: 'm', dose: { measure: 'seconds', amount: 20 } } as const;
const of = (...items: unknown[]): Break =>
  Break.parse({ id: 'b', name: 'Sides', slotSec: 300, firstSide: 'right', items });

describe('a break with left and right changed over', () => {
  it('begins on the other side, in each step that says so and in all others', () => {
    const mirrored = mirrorBreak(of({ ...step, firstSide: 'left' }, { ...step, id: 't' }));
    expect(mirrored.firstSide).toBe('left');
    expect(mirrored.items).toMatchObject([{ firstSide: 'right' }, { id: 't' }]);
    expect(mirrored.items[1]).not.toHaveProperty('firstSide');
  });

  it('leaves both sides both, and takes the other of one', () => {
    const { items } = mirrorBreak(of({ ...step, sides: 'left' }, { ...step, id: 't' }));
    expect(items).toMatchObject([{ sides: 'right' }, { sides: 'both' }]);
  });

  it('gives more to the other side on purpose, with its reason', () => {
    const uneven = { side: 'left', amount: 30, reason: 'tighter' } as const;
    const { items } = mirrorBreak(of({ ...step, uneven }, { ...step, id: 't' }));
    expect(items[0]).toMatchObject({ uneven: { ...uneven, side: 'right' } });
    expect(items[1]).not.toHaveProperty('uneven');
  });

  it('changes over a series with all its links', () => {
    const chain = { type: 'chain', id: 'c', name: 'Series', sides: 'right', firstSide: 'right' } as const;
    const links = [{ ...step, sides: 'left', uneven: { side: 'left', amount: 25, reason: 'x' } }, step];
    const before = of({ ...chain, links: links.map((link, i) => ({ ...link, id: `l${i}` })) });
    expect(mirrorBreak(before).items[0]).toMatchObject({
      sides: 'left',
      firstSide: 'left',
      links: [{ sides: 'right', uneven: { side: 'right' } }, { sides: 'both' }],
    });
    expect(mirrorBreak(mirrorBreak(before))).toEqual(before);
  });
});
