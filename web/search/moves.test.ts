import { library } from '@kotabi/core/library/all';
import { describe, expect, it } from 'vitest';
import { searchMoves } from './moves';

const first = (text: string): string | undefined => searchMoves(library, text)[0]?.id;

describe('finding a move', () => {
  it.each([
    ['ear toward', 'ear-to-shoulder'],
    ['chin tuck', 'chin-glide'],
    ['sholder rolls', 'shoulder-rolls'],
    ['figre four', 'ankle-on-knee'],
    ['pryer', 'prayer-press'],
    ['Windscreen', 'knees-side-to-side'],
    ['goal post', 'goalpost-arms'],
    ['eyes tired', 'look-far'],
    ['stretch my back', 'seated-turn'],
    ['wrist', 'wrist-circles'],
    ['wirst circles', 'wrist-circles'],
    ['ankel circles', 'ankle-circles'],
    ['neck roll', 'full-neck-circle'],
    ['shuolder rolls', 'shoulder-rolls'],
    ['posture minute', 'posture-minute'],
    ['heel raise', 'heel-raises'],
    ['slo n', 'slow-breaths'],
    ['cat cow', 'round-and-lift'],
    ['figure 4', 'ankle-on-knee'],
    ['eagle arms', 'wrapped-forearms'],
    ['forward fold', 'fold-between-knees'],
    ['reverse prayer', 'backs-behind'],
    ['chair squat', 'hover'],
    ['toe touch', 'leg-out-hinge'],
    ['sit up straight', 'sit-tall'],
    ['self hug', 'hug-and-lift-elbows'],
    ['deep breath', 'slow-breaths'],
    ['20 20 20', 'look-far'],
    ['shrugs', 'lift-and-drop'],
    ['thumb', 'finger-by-finger'],
    ['tmj', 'brow-temples-jaw'],
    ['walking', 'walk-about'],
    ['sit to stand', 'hover'],
    ['tendon glides', 'fist-and-open'],
    ['thread the needle', 'sweep-up-in-turn'],
    ['lower back rotation', 'seated-turn'],
    ['thoracic rotation', 'turn-arms-out'],
    ['lat stretch', 'side-reach'],
    ['wrist flexor stretch', 'fingers-up'],
    ['wrist extensor', 'fingers-down'],
    ['cobra', 'lean-back-over-chair'],
    ['sleepy', 'collarbone-taps'],
  ])('%s finds %s first', (text, id) => {
    expect(first(text)).toBe(id);
  });

  it.each([
    ['nek', 'neck'],
    ['wirst', 'forearm'],
    ['sholder', 'shoulder'],
    ['after typing', 'forearm'],
    ['for my tired feet', 'foot'],
    ['stiff nape', 'neck'],
    ['calves', 'leg'],
    ['carpal tunnel', 'forearm'],
    ['neck rolls', 'neck'],
  ])('%s finds what is for the %s', (text, area) => {
    const found = searchMoves(library, text);
    expect(found.length).toBeGreaterThan(1);
    expect([found[0]?.id, ...(found[0]?.areas ?? [])]).toContain(area);
    const rest = found.slice(0, 8).filter((m) => m.areas.some((a) => a === area));
    expect(rest.length * 2).toBeGreaterThan(Math.min(8, found.length));
  });

  it('finds every move by its own name, among the first, and with a letter left out or two changed over', () => {
    for (const m of library) {
      const rank = (text: string): number => searchMoves(library, text).findIndex((x) => x.id === m.id);
      expect([m.name, rank(m.name)]).toEqual([m.name, expect.toSatisfy((n: number) => n >= 0 && n < 5)]);
      const word = m.name.split(' ').find((w) => /^\p{L}{6,}$/u.test(w));
      if (!word) continue;
      const less = m.name.replace(word, word.slice(0, 3) + word.slice(4));
      const over = m.name.replace(word, word.slice(0, 2) + word[3] + word[2] + word.slice(4));
      for (const slip of [less, over]) expect([slip, rank(slip) >= 0]).toEqual([slip, true]);
    }
  });

  it('finds by muscle, with a typo', () => {
    const found = searchMoves(library, 'trapezuis').map((m) => m.id);
    expect(found).toContain('ear-to-shoulder');
    expect(found.length).toBeGreaterThan(8);
    const piriformis = searchMoves(library, 'piriformis');
    for (const m of piriformis.slice(0, 5))
      expect([...m.muscles, ...m.otherNames].join(' ').toLowerCase()).toContain('piriformis');
  });

  it('wants every word where something has them all, else some, and shows all when none is typed', () => {
    expect(searchMoves(library, '  ')).toHaveLength(library.length);
    expect(searchMoves(library, 'xylophone')).toEqual([]);
    const both = searchMoves(library, 'wrist circles').length;
    expect(both).toBeLessThan(searchMoves(library, 'wrist').length);
    expect(searchMoves(library, 'wrist xylophone')[0]?.id).toBe('wrist-circles');
  });
});

describe('what can be done without being noticed', () => {
  it.each(['on a call', 'in a meeting', 'phone'])('%s: finds only that', (text) => {
    const found = searchMoves(library, text);
    expect(found.length).toBeGreaterThan(20);
    for (const move of found)
      expect([move.id, move.discreet.call || /phone|call/i.test(JSON.stringify(move))]).toEqual([
        move.id,
        true,
      ]);
  });

  it('figure 8 is a figure of eight', () => {
    for (const { name } of searchMoves(library, 'figure 8')) expect(name).toMatch(/eight/i);
  });
});
