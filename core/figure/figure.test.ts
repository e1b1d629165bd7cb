import { describe, expect, it } from 'vitest';
import { library } from '../library/all';
import { type Motion, type Move, Muscle, Pose, usualVariant } from '../model';
import { motionOf } from '../needs';
import { published } from '../reference';
import {
  describeMotion,
  describePose,
  dragHandle,
  drawPose,
  HANDLES,
  handlePoints,
  jointActions,
  landingOf,
  mirrorMotion,
  motionActions,
  moveArrows,
  normChecks,
  outsideNorms,
  pictureOf,
  poseAt,
  pressArrows,
  reaching,
  reversed,
  skeletonOf,
  stillOf,
  windowOf,
} from '.';
import { feltMarks } from './felt';
import { inHand } from './parts';
import { length, sub } from './space';

const motions = (move: Move): [string, Motion][] =>
  [undefined, ...move.rungs.map((r) => r.name)].flatMap((rung): [string, Motion][] => {
    const motion = motionOf(usualVariant(move, rung));
    return motion ? [[`${move.id}${rung ? `, ${rung}` : ''}`, motion]] : [];
  });
const all = library.flatMap(motions);

describe('every shipped pose', () => {
  it('belongs to a move: each move and each rung has its poses', () => {
    for (const move of library) {
      expect(move.figure, move.id).toBeDefined();
      for (const rung of move.rungs)
        expect(motionOf(usualVariant(move, rung.name)), `${move.id} ${rung.name}`).toBeDefined();
    }
    expect(all.length).toBeGreaterThan(350);
  });

  it.each(library)('$name: lies inside the published norms or carries a reason', (move) => {
    // AAOS, Joint Motion, 1965 (values from memory); where nothing is published, common practice, no source.
    for (const [name, motion] of motions(move)) {
      const outside = motion.poses.flatMap(outsideNorms);
      if (motion.reason) expect(outside.length, name).toBeGreaterThan(0);
      else expect(outside, name).toEqual([]);
    }
  });

  it.each(library)('$name: is drawn whole, inside its window, in both ways', (move) => {
    for (const [name, motion] of motions(move))
      for (const [way, near] of [
        [motion, 'left'],
        [mirrorMotion(motion), 'right'],
      ] as const) {
        const box = windowOf(way, near);
        const shapes = drawPose(stillOf(way), { view: way.view, near, props: way.props });
        const open = shapes.filter(({ d }) => !/^M-?\d+ -?\d+(L-?\d+ -?\d+)+Z(M|$)/.test(d));
        expect(open, name).toEqual([]);
        if (way.crop !== 'whole') continue;
        const body = shapes.filter((s) => s.tone !== 'seat' && s.tone !== 'prop').map((s) => s.d);
        const at = [...body.join('').matchAll(/(-?\d+) (-?\d+)/g)].map(
          (m) => [Number(m[1]), Number(m[2])] as const,
        );
        const [xs, ys] = [at.map(([x]) => x), at.map(([, y]) => y)];
        expect(Math.min(...xs), name).toBeGreaterThan(box.x);
        expect(Math.max(...xs), name).toBeLessThan(box.x + box.width);
        expect(Math.min(...ys), name).toBeGreaterThan(box.y);
        expect(Math.max(...ys), name).toBeLessThan(box.y + box.height);
      }
  });

  it('moves where a move moves: every repetition and every hold but the still ones has a start and an end', () => {
    const still = library.filter((m) => (m.figure?.poses.length ?? 0) < 2).map((m) => m.id);
    expect(still.sort()).toEqual([
      'check-in',
      'check-out',
      'lie-along-roll',
      'posture-minute',
      'quiet-rest',
      'quiet-rest-eyes-closed',
    ]);
    // What is repeated goes there and back or round; what is held goes there and stays.
    const repeatedOnce = ['roll-up-slowly', 'chin-half-circle'];
    for (const m of library.filter((l) => !repeatedOnce.includes(l.id)))
      if (m.dose.usual.measure === 'reps') expect(['back', 'round'], m.id).toContain(m.figure?.path);
      else if (m.kind === 'stretch') expect(m.figure?.path, m.id).toBe('there');
  });

  it('is described in words that say the sides of the way it shows', () => {
    for (const [name, motion] of all) {
      const text = describeMotion(motion);
      expect(text, name).toMatch(/^[A-Z].*\.$/);
      expect(text, name).not.toMatch(/NaN|undefined|-\d/);
      const mirrored = describeMotion(mirrorMotion(motion));
      const swap = text.replace(/\b(left|right)\b/gi, (s) => {
        const other = s.toLowerCase() === 'left' ? 'right' : 'left';
        return /^[A-Z]/.test(s) ? other.charAt(0).toUpperCase() + other.slice(1) : other;
      });
      const sentences = (t: string) => t.split(/[.:] ?/).sort();
      expect(sentences(mirrored), name).toEqual(sentences(swap));
    }
  });
});

describe('norms', () => {
  const check = (angles: Pose['angles']) => outsideNorms(Pose.parse({ angles })).map((c) => c.motion);

  it('hold what the norms publish, and say what lies outside', () => {
    // AAOS 1965 (from memory): neck 45, 45, 45, 60; trunk 80, 25, 35, 45; shoulder behind 60; wrist 80, 70, 20, 30.
    const { jointMotion: m } = published;
    expect([m.neckFlexionDeg, m.neckExtensionDeg, m.neckSideDeg, m.neckTurnDeg]).toEqual([45, 45, 45, 60]);
    expect([m.trunkFlexionDeg, m.trunkExtensionDeg, m.trunkSideDeg, m.trunkTurnDeg]).toEqual([
      80, 25, 35, 45,
    ]);
    expect([m.wristFlexionDeg, m.wristExtensionDeg, m.wristRadialDeg, m.wristUlnarDeg]).toEqual([
      80, 70, 20, 30,
    ]);
    expect(check({})).toEqual([]);
    expect(check({ 'neck.turn': 60 })).toEqual([]);
    expect(check({ 'neck.turn': 62 })).toEqual(['Neck, turn']);
    expect(check({ 'neck.flex': 40, 'neck.nod': 10 })).toEqual(['Neck flexion']);
    expect(check({ 'upper.flex': 45, 'low.flex': 40 })).toEqual(['Trunk flexion']);
    expect(check({ 'upper.turn': -40, 'low.turn': -8 })).toEqual(['Trunk rotation']);
    expect(check({ 'left.wrist.bend': -75 })).toEqual(['left wrist.bend']);
    expect(check({ 'right.arm.raise': 70, 'right.arm.across': -90 })).toEqual(['right shoulder elevation']);
    expect(check({ 'trunk.hinge': 35 })).toEqual(['left hip flexion', 'right hip flexion']);
  });

  it('name a source or none for every check', () => {
    for (const c of normChecks(Pose.parse({}))) {
      expect(c.least).toBeLessThan(c.most);
      if (c.source !== null) expect(published[c.source].short).toBe('AAOS 1965');
    }
  });
});

describe('reaching', () => {
  it('brings the palm to the place it is told, for both hands alike', () => {
    const elbow = { 'far shoulder': [0.3, -0.3, 1] } as const;
    for (const to of ['own knee', 'far shoulder', 'chest', 'own thigh', 'belly'] as const)
      for (const side of ['left', 'right'] as const) {
        const hint = to === 'far shoulder' ? { elbow: elbow[to] } : {};
        const pose = reaching(Pose.parse({}), side, { to, ...hint });
        const s = skeletonOf(pose);
        const at = inHand(s.arm[side].hand, 8, 0, 0);
        expect(length(sub(at, landingOf(to, s, side).at)), `${side} ${to}`).toBeLessThan(5);
      }
  });

  it('stretches toward what is out of reach', () => {
    const s = skeletonOf(reaching(Pose.parse({}), 'left', { to: [10, 200, 0] }));
    expect(s.arm.left.hand.wrist[1]).toBeGreaterThan(s.arm.left.shoulder[1] + 45);
  });

  it('is whole degrees, so that what is written down is what is drawn', () => {
    const { angles } = reaching(Pose.parse({}), 'right', { to: 'far upper arm' });
    for (const value of Object.values(angles)) expect(Number.isInteger(value)).toBe(true);
  });
});

describe('motion', () => {
  const move = (id: string): Motion => library.find((m) => m.id === id)?.figure as Motion;

  it('goes there and stays, there and back, or round', () => {
    const there = move('ear-to-shoulder');
    expect(poseAt(there, 0)).toEqual(there.poses[0]);
    expect(poseAt(there, 1)).toEqual(there.poses.at(-1));
    expect(poseAt(there, 5)).toEqual(there.poses.at(-1));
    const back = move('lift-and-drop');
    expect(poseAt(back, 0.5).angles['left.shoulder.lift']).toBeCloseTo(19, 6);
    expect(poseAt(back, 0.25).angles['left.shoulder.lift']).toBeCloseTo(
      poseAt(back, 0.75).angles['left.shoulder.lift'] as number,
      6,
    );
    const ring = move('wrist-circles');
    expect(poseAt(ring, 0).angles).toEqual(poseAt(ring, 1).angles);
  });

  it('turns round for the second direction: the same poses the other way', () => {
    const ring = move('wrist-circles');
    const other = reversed(ring);
    expect(other.poses[0]).toEqual(ring.poses[0]);
    expect(poseAt(other, 0.25).angles).toEqual(poseAt(ring, 0.75).angles);
    expect(reversed(move('chin-half-circle')).poses.map((p) => p.angles['neck.turn'])).toEqual(
      move('chin-half-circle').poses.map((p) => -(p.angles['neck.turn'] ?? 0) || 0),
    );
  });

  it('has arrows of what moves, and of what presses', () => {
    expect(moveArrows(move('arms-up-breath'))).toHaveLength(2);
    expect(moveArrows(move('ear-to-shoulder'))).toHaveLength(1);
    const [arrow] = moveArrows(move('ear-to-shoulder'));
    expect((arrow?.points.at(-1)?.x ?? 0) < (arrow?.points[0]?.x ?? 0)).toBe(true);
    const press = move('press-down');
    expect(pressArrows(stillOf(press), press)).toHaveLength(2);
  });

  it('lists joint actions in standard words', () => {
    expect(motionActions(move('ear-to-shoulder'))).toEqual([
      { side: null, joint: 'Neck', action: 'lateral flexion to the left', amount: 35, unit: 'deg' },
    ]);
    const actions = jointActions(
      Pose.parse({}),
      Pose.parse({ angles: { 'left.arm.raise': 90, 'left.arm.across': 90 } }),
    );
    expect(actions[0]).toMatchObject({ side: 'left', joint: 'Shoulder', action: 'flexion' });
  });
});

describe('handles', () => {
  it.each(HANDLES)(
    '%s: follows the pointer, and a drag there and back ends where it began, or near',
    (handle) => {
      const pose = Pose.parse({});
      const before = handlePoints(pose, 'front')[handle];
      const drawn = dragHandle(pose, handle, -60, 40, 'front');
      expect(drawn.angles).not.toEqual(pose.angles);
      const after = handlePoints(drawn, 'front')[handle];
      expect(after.x - before.x).toBeLessThan(3);
      for (const [name, value] of Object.entries(drawn.angles))
        expect(Number.isInteger(value), name).toBe(true);
      expect(Pose.safeParse(drawn).success).toBe(true);
    },
  );

  it('brings a hand to where it is drawn, within a few cm', () => {
    const pose = reaching(Pose.parse({}), 'left', { to: [20, 0, 25] });
    const from = handlePoints(pose, 'front')['left hand'];
    const to = handlePoints(dragHandle(pose, 'left hand', -80, -60, 'front'), 'front')['left hand'];
    expect(Math.abs(to.x - from.x + 80)).toBeLessThan(40);
    expect(Math.abs(to.y - from.y + 60)).toBeLessThan(40);
  });
});

describe('pictures', () => {
  it('hold the start as a ghost of what has moved, and nothing else', () => {
    const tilt = library.find((m) => m.id === 'ear-to-shoulder')?.figure as Motion;
    const names = pictureOf(tilt).ghost.map((s) => s.name);
    expect(names).toContain('face');
    expect(names).not.toContain('left hand');
    expect(names).not.toContain('trunk');
  });

  it('know a place on the body for every muscle', () => {
    const s = skeletonOf(Pose.parse({}));
    for (const muscle of Muscle.options)
      for (const side of ['left', 'right', 'both'] as const) {
        const marks = feltMarks(s, [muscle], side);
        expect(marks.length, muscle).toBeGreaterThan(0);
        for (const { wraps } of marks)
          for (const wrap of wraps) for (const { at } of wrap) expect(at.every(Number.isFinite)).toBe(true);
      }
    const x = (side: 'left' | 'right') =>
      feltMarks(s, ['upper trapezius'], side)[0]?.wraps[0]?.[0]?.at[0] ?? 0;
    expect(x('left')).toBeLessThan(0);
    expect(x('right')).toBeCloseTo(-x('left'), 9);
  });
});

describe('describing a pose', () => {
  it('says sides, degrees and nothing that is at rest', () => {
    expect(describePose(Pose.parse({}))).toBe('Sitting. At rest.');
    expect(describePose(Pose.parse({ angles: { 'neck.side': 34 } }))).toBe(
      'Sitting. Head tilted to the left 35°.',
    );
    expect(
      describePose(
        Pose.parse({
          base: 'edge',
          angles: {
            'left.arm.raise': 170,
            'right.arm.raise': 170,
            'left.elbow.bend': 10,
            'right.elbow.bend': 10,
          },
        }),
      ),
    ).toBe('Sitting on the front edge of the seat. Both arms overhead and elbows straight.');
  });
});
