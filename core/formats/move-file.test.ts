import { describe, expect, it } from 'vitest';
import { library, moveLookup } from '../library/all';
import type { Move } from '../model';
import { adoptBreakFile, adoptMoves, readBreakFile, readMoveFile, writeMoveFile } from '.';

const ear = library.find((m) => m.id === 'ear-to-shoulder') as Move;

describe('a file of moves', () => {
  it('brings every move of the library back as it was', () => {
    const read = readMoveFile(writeMoveFile(library));
    expect(read).toEqual({ ok: true, file: { format: 'kotabi-moves', version: 1, moves: library } });
  });

  it('names what is wrong with its place in the text', () => {
    expect(readMoveFile('{"format": "kotabi-break"}')).toMatchObject({
      ok: false,
      problems: [
        {
          path: 'format',
          message: 'this is not a file of moves: its format should be "kotabi-moves"',
          line: 1,
          column: 12,
        },
      ],
    });
    const text = writeMoveFile([ear]).replace('"neck.side": 34', '"neck.side": 340');
    const read = readMoveFile(text);
    expect(read.ok).toBe(false);
    if (read.ok) return;
    expect(read.problems[0]).toMatchObject({ bound: 45, value: 340 });
    expect(read.problems[0]?.path).toMatch(/figure\.poses\.1\.angles\.neck\.side$/);
  });

  it('takes in what is not here, not twice what is, and under a new id what reads differently', () => {
    const own = { ...ear, id: 'mine', name: 'Mine' };
    const changed = { ...ear, name: 'Ear, my way' };
    const { newMoves, known } = adoptMoves([ear, own, changed, own], moveLookup(), () => 'fresh');
    expect(newMoves.map((m) => m.id)).toEqual(['mine', 'fresh', 'fresh']);
    expect(known).toBe(1);
  });
});

describe('break files of the first version', () => {
  it('are still read; the library’s moves in them are the library’s of today', () => {
    const old = {
      format: 'kotabi-break',
      version: 1,
      break: {
        id: 'b',
        name: 'Old',
        slotSec: 60,
        items: [
          { type: 'step', id: 's', moveId: 'ear-to-shoulder', dose: { measure: 'seconds', amount: 20 } },
        ],
      },
      moves: [
        {
          id: 'ear-to-shoulder',
          name: ear.name,
          purpose: 'As it was.',
          kind: 'stretch',
          region: 'neck',
          areas: ['neck'],
          muscles: ['upper trapezius'],
          position: 'back',
          ways: { pattern: 'each', pair: 'side', felt: 'opposite' },
          dose: { least: 10, usual: { measure: 'seconds', amount: 20 }, most: 30 },
          cues: { say: 'a {side}', again: 'b {side}', feel: 'c', check: 'd', back: 'e' },
          pose: { headTilt: 34 },
        },
      ],
    };
    const read = readBreakFile(JSON.stringify(old));
    if (!read.ok) throw new Error(JSON.stringify(read.problems));
    const { brk, newMoves } = adoptBreakFile(read.file, moveLookup(), () => 'new');
    expect(newMoves).toEqual([]);
    expect(brk.items[0]).toMatchObject({ moveId: 'ear-to-shoulder' });
  });
});
