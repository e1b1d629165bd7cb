import { library, moveLookup } from '@kotabi/core/library/all';
import { Group, type Move, Person } from '@kotabi/core/model';
import { describe, expect, it } from 'vitest';
import { type Filters, filterMoves, noFilters } from './filters';
import { suits } from './suits';

const filtered = (more: Partial<Filters>, fit: Parameters<typeof filterMoves>[2] = null): Move[] =>
  filterMoves(library, { ...noFilters, ...more }, fit, moveLookup(), (id) => id === 'sit-tall', suits);

describe('the filters of the library', () => {
  it('show seated moves until standing or the floor is asked for', () => {
    for (const m of filtered({})) expect(['back', 'edge']).toContain(m.position);
    for (const m of filtered({ positions: ['floor'] })) expect([m.position, ...m.alsoIn]).toContain('floor');
    const sitting = filtered({ positions: ['floor seat'] }).map((m) => m.id);
    expect(sitting).toContain('ear-to-shoulder');
    expect(sitting).not.toContain('hover');
    expect(filtered({ positions: ['back', 'edge', 'standing', 'floor'] })).toHaveLength(library.length);
  });

  it('narrow by area, muscle, kind, things and what others see', () => {
    expect(filtered({ area: 'hand' }).every((m) => m.areas.includes('hand'))).toBe(true);
    expect(filtered({ muscle: 'scalenes' }).every((m) => m.muscles.includes('scalenes'))).toBe(true);
    expect(filtered({ kind: 'massage' }).every((m) => m.kind === 'massage')).toBe(true);
    expect(
      filtered({ thing: 'strap' })
        .map((m) => m.id)
        .sort(),
    ).toEqual(['strap-behind-back', 'strap-overhead-behind']);
    expect(filtered({ thing: 'nothing' }).some((m) => m.things.includes('strap'))).toBe(false);
    expect(filtered({ discreet: 'camera' }).every((m) => m.discreet.camera)).toBe(true);
    expect(filtered({ own: true }).map((m) => m.id)).toEqual(['sit-tall']);
  });

  it('leave what a chair does not suit out', () => {
    const suits = filtered({ seat: 'highBack' }).map((m) => m.id);
    expect(suits).toContain('chair-back-chest');
    expect(suits).not.toContain('strap-behind-back');
  });

  it('leave what does not fit everyone of a group out', () => {
    const group = Group.parse({
      id: 'g',
      name: 'G',
      timeZone: 'Europe/Lisbon',
      days: [1],
      hours: { startMin: 540, endMin: 1000 },
      lunch: null,
      things: ['desk', 'chair'],
      seats: { castors: false, arms: false, highBack: false },
    });
    const person = Person.parse({
      id: 'p',
      groupId: 'g',
      name: 'P',
      limits: [{ limit: 'shoulder' }],
      consent: true,
    });
    const fits = filtered({}, { group, people: [person] }).map((m) => m.id);
    expect(fits).toContain('ear-to-shoulder');
    expect(fits).toContain('arms-up-breath');
    expect(fits).not.toContain('clasp-behind');
  });
});
