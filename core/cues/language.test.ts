import { describe, expect, it } from 'vitest';
import { moveLookup } from '../library/all';
import { brk, reps, step } from '../testing/build';
import { timed } from '../timing';
import { english } from '../words';
import { inLanguage } from './language';

const move = moveLookup()('shoulder-rolls');
if (!move) throw new Error('broken test');
const translated = {
  ...move,
  inLanguages: {
    pt: {
      name: 'Rodar os ombros',
      directions: ['para trás', 'para a frente'] as [string, string],
      cues: { say: 'Rode os ombros {direction}.', turn: 'Agora {direction}.' },
    },
  },
};

describe('a move in another language', () => {
  it('has its own words there, and the rest as it is', () => {
    const there = inLanguage(translated, 'pt-BR');
    expect(there.name).toBe('Rodar os ombros');
    expect(there.cues.say).toBe('Rode os ombros {direction}.');
    expect(there.cues.feel).toBe(move.cues.feel);
    expect(inLanguage(translated, 'de')).toBe(translated);
    expect(inLanguage(move, 'pt')).toBe(move);
  });

  it('is led in it, with the words of the timeline as they are said there', () => {
    const there = inLanguage(translated, 'pt');
    const said = timed(
      brk([step('shoulder-rolls', { dose: reps(3, 4), position: 'edge' })]),
      () => there,
      undefined,
      (key, values) => `<${english(key, values)}>`,
    );
    if (!said.ok) throw new Error('broken test');
    const lines = said.timeline.parts.flatMap((p) => p.lines.map((l) => l.text));
    expect(lines).toContain('Rode os ombros para trás.');
    expect(lines).toContain('Agora para a frente.');
    expect(lines).toContain('<Come to the front edge>');
    expect(lines).toContain('<two>');
    // As long as the words there take, not the English ones.
    const plain = timed(brk([step('shoulder-rolls', { dose: reps(3, 4) })]), () => translated);
    expect(plain.ok && plain.timeline.parts[0]?.lines[0]?.text).toBe(
      move.cues.say.replace('{direction}', 'back'),
    );
  });
});
