import { describe, expect, it } from 'vitest';
import { brk, move, step } from '../../../testing/build';
import { findings, framed, mended } from '../../../testing/review';

const at = (id: string, position: 'back' | 'edge' | 'standing') =>
  move(id, { kind: 'mobilise', position, alsoIn: ['edge'] });
const [a, b, c, d] = [at('a', 'edge'), at('b', 'back'), at('c', 'edge'), at('d', 'standing')];
const moves = [a, b, c, d];
const toAndFro = (...ids: string[]) =>
  findings(brk(ids.map((id, i) => step(id, { id: `${id}${i}` }))), moves).filter(
    (f) => f.code === 'toAndFro',
  );

describe('positions', () => {
  const swinging = ['a', 'b', 'c', 'b'];
  const inPlaces = swinging.map((id, i) =>
    step(id, { id: `${id}${i}`, position: id === 'b' ? 'back' : 'edge' }),
  );

  it('changes to and fro are told with the time they cost', () => {
    expect(findings(brk(inPlaces), moves).filter((f) => f.code === 'toAndFro')).toMatchObject([
      { changes: 4, lostMs: 12_000 },
    ]);
    expect(toAndFro('a', 'c', 'b')).toEqual([]);
  });

  it('nobody goes to and fro on the seat because no place was written down', () => {
    expect(toAndFro(...swinging)).toEqual([]);
  });

  it('sit, stand and sit again is fine once, to stand up again is not', () => {
    expect(toAndFro('b', 'd')).toEqual([]);
    expect(toAndFro('b', 'd', 'b')).toEqual([]);
    expect(toAndFro('b', 'd', 'a', 'd')).toHaveLength(1);
  });

  it('does the odd one out where the others are', () => {
    const after = mended(framed(inPlaces, moves), moves, 'toAndFro');
    expect(after.fix).toMatchObject({ do: 'positions', position: 'edge', stepIds: ['b1'] });
  });
});
