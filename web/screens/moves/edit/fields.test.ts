import { Move } from '@kotabi/core/model';
import { describe, expect, it } from 'vitest';
import { ROLE_WORDS } from '../../../words/roles';
import { FIELDS, whereInForm } from './fields';

describe('where something is wrong in a move', () => {
  const rungs = [{ name: 'small' }, { name: 'half a turn' }];

  it('is said in the words of the form, wherever it is', () => {
    expect(whereInForm('name', rungs)).toBe('Name');
    expect(whereInForm('cues.say', rungs)).toBe('Set up');
    expect(whereInForm('cues.back', rungs)).toBe('Back');
    expect(whereInForm('rungs.1.say', rungs)).toBe('Rung 2 “half a turn”, Set up');
    expect(whereInForm('rungs.0.figure.poses.1.angles', rungs)).toBe('Rung 1 “small”, Figure');
    expect(whereInForm('rungs.2.name', rungs)).toBe('Rung 3, Name');
    expect(whereInForm('rungs.1.share', rungs)).toBe('Rung 2 “half a turn”');
    expect(whereInForm('rungs', rungs)).toBe('Rungs');
    expect(whereInForm('dose.repSec', rungs)).toBe('Least, usual, most');
    expect(whereInForm('figure.poses.0.angles.left.arm.raise', rungs)).toBe('Figure');
    expect(whereInForm('', rungs)).toBe('This move');
  });

  it('has a name for every part of a move that somebody fills in', () => {
    // What the program alone decides, or a form of another screen.
    const own = ['id', 'archived', 'standing', 'oneByOne', 'onlyWords', 'inLanguages'];
    for (const part of Object.keys(Move.shape))
      if (!own.includes(part)) expect(FIELDS[part], part).toBeTruthy();
    for (const role of Object.keys(Move.shape.cues.shape))
      expect((ROLE_WORDS as Record<string, string>)[role], role).toBeTruthy();
    for (const path of [...Object.keys(FIELDS), 'cues.say', 'rungs.0.feel'])
      expect(whereInForm(path, rungs)).not.toMatch(/[.{}]|^[a-z]/);
  });
});
