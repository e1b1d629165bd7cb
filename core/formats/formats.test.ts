import Ajv from 'ajv/dist/2020';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { WebVTTParser } from 'webvtt-parser';
import { stepOf } from '../library';
import { library, moveLookup } from '../library/all';
import { Break, defaultApproach, Limit, Move, type Step, stepsOf, Thing } from '../model';
import { answerFor } from '../needs';
import { ownBreak } from '../own';
import { arbBreak } from '../testing/arbitrary';
import { brk, each, lookupIn, move, step } from '../testing/build';
import { compileTimeline, resolveBreak } from '../timing';
import {
  BREAK_FILE_VERSION,
  breakFileJsonSchema,
  breakLines,
  breakToScript,
  breakToSrt,
  breakToVtt,
  entryLines,
  readBreakFile,
  STANDING_CAUTION,
  srtTime,
  vttTime,
  writeBreakFile,
} from '.';

const resolve = (b: Parameters<typeof resolveBreak>[0], lookup = moveLookup()) => {
  const resolved = resolveBreak(b, lookup);
  if (!resolved.ok) throw new Error('broken test');
  return resolved.value;
};

describe('break file', () => {
  const sample = brk([stepOf(library[0]!, 's1'), stepOf(library[8]!, 's2')], { name: 'Ünïcode "quoted" 腰' });
  const text = writeBreakFile(sample, moveLookup());

  it('gives any break back as it was', () =>
    fc.assert(
      fc.property(arbBreak, ({ brk: b, moves }) => {
        const read = readBreakFile(writeBreakFile(b, lookupIn(moves)));
        expect(read.ok && JSON.stringify(read.file.break)).toBe(JSON.stringify(b));
      }),
      { numRuns: 60, seed: 3 },
    ));

  it('holds the moves it uses, each once', () => {
    const read = readBreakFile(text);
    expect(read.ok && read.file.moves.map((m) => m.id)).toEqual([library[0]!.id, library[8]!.id]);
  });

  it('fits its published JSON Schema', () => {
    const schema = breakFileJsonSchema() as object;
    const validate = new Ajv({ strict: false }).compile(schema);
    expect(validate(JSON.parse(text))).toBe(true);
    expect(validate({ ...JSON.parse(text), version: 'one' })).toBe(false);
  });

  const problemsOf = (broken: string) => {
    const read = readBreakFile(broken);
    return read.ok ? [] : read.problems;
  };

  it('names line and column of a broken text', () => {
    const cut = text.split('\n').slice(0, 12).join('\n');
    expect(problemsOf(cut)[0]).toMatchObject({
      line: 12,
      message: expect.stringMatching(/ends before|expected/),
    });
    expect(problemsOf('')[0]).toMatchObject({ line: 1, column: 1 });
    expect(problemsOf('{ "format": nonsense }')[0]).toMatchObject({
      line: 1,
      message: 'something here is not JSON',
    });
  });

  it('names field, bound, value and line of a wrong value', () => {
    const [problem] = problemsOf(text.replace('"slotSec": 600', '"slotSec": 4'));
    const line = text.split('\n').findIndex((l) => l.includes('"slotSec"')) + 1;
    expect(problem).toMatchObject({
      path: 'break.slotSec',
      message: 'must be at least 10',
      bound: 10,
      value: 4,
      line,
    });
  });

  it('turns away a foreign file, a newer version and a step without its move', () => {
    expect(problemsOf('{"format":"song"}')[0]!.message).toMatch(/not a break file/);
    expect(problemsOf('[1, 2]')[0]!.message).toMatch(/not a break file/);
    expect(
      problemsOf(text.replace(`"version": ${BREAK_FILE_VERSION}`, `"version": ${BREAK_FILE_VERSION + 1}`))[0],
    ).toMatchObject({
      path: 'version',
      bound: BREAK_FILE_VERSION,
    });
    const orphan = writeBreakFile(brk([step('gone')]), () => undefined);
    const [missing] = problemsOf(orphan);
    expect(missing).toMatchObject({
      path: 'break.items.0.moveId',
      message: 'there is no move "gone" in the file or in the library',
    });
    expect(orphan.split('\n')[missing!.line - 1]).toContain('"moveId": "gone"');
  });

  it('says which second-side cue a move lacks', () => {
    const twoWay = writeBreakFile(brk([step('a')]), lookupIn([move('a', { ways: each() })]));
    const [problem] = problemsOf(twoWay.replace(/\s*"again": "[^"]*",/, ''));
    expect(problem).toMatchObject({
      path: 'moves.0.cues.again',
      message: 'a two-way move needs a second-side cue',
    });
  });
});

describe('a break file with slips', () => {
  const turn = moveLookup()('ear-to-shoulder') ?? expect.fail();
  const fileOf = (more: object): string => {
    const one = { ...stepOf(turn, 's'), ...more };
    return JSON.stringify(
      { format: 'kotabi-break', version: 4, break: { ...brk([]), items: [one] }, moves: [turn] },
      null,
      2,
    );
  };
  const problems = (more: object) => {
    const read = readBreakFile(fileOf(more));
    return read.ok ? [] : read.problems;
  };

  it('is refused where a rung is not one of the move, with its place', () => {
    const [problem] = problems({ rung: 'gravitty' });
    expect(problem).toMatchObject({ path: 'break.items.0.rung', value: 'gravitty' });
    expect(problem?.message).toContain('its rungs are gravity');
    expect(fileOf({ rung: 'gravitty' }).split('\n')[(problem?.line ?? 0) - 1]).toContain('gravitty');
  });

  it('is refused where braces mean nothing, in a step or in a move', () => {
    expect(problems({ words: 'Lean to the {sidde}.' })[0]).toMatchObject({ path: 'break.items.0.words' });
    expect(problems({ words: 'Circle {direction}.' })[0]?.message).toBe(
      '{direction} means nothing in “Ear toward the shoulder”',
    );
    expect(problems({ words: 'Lean to the {side}, {tall}.' })).toEqual([]);
    expect(
      Move.safeParse({ ...turn, cues: { ...turn.cues, say: '{direction} it goes' } }).error?.issues[0],
    ).toMatchObject({
      path: ['cues', 'say'],
      message: '{direction} means nothing in this move: it has no two directions',
    });
  });

  it('of the new doses reads back as it was written, and a range that runs backward is refused', () => {
    const dose = { measure: 'reps', amount: 4, repSec: 'two breaths', holdSec: 3, to: 6 };
    const more = { dose, breath: { breathsPerMinute: 5 }, oneByOne: true, meant: 'only this side today' };
    const read = readBreakFile(fileOf(more));
    expect(read.ok && stepsOf(read.file.break)[0]).toMatchObject(more);
    expect(problems({ dose: { ...dose, to: 4 } })[0]).toMatchObject({
      path: 'break.items.0.dose.to',
      value: 4,
    });
  });
});

describe('WebVTT', () => {
  it('writes times as the standard asks', () => {
    // W3C WebVTT, timestamp syntax.
    expect(vttTime(0)).toBe('00:00:00.000');
    expect(vttTime(3_725_042)).toBe('01:02:05.042');
  });

  it('is read without complaint by an independent parser, cue by cue', () => {
    const tricky = move('t', { name: 'A --> B & <c>', ways: each() });
    const resolved = resolve(brk([step('t'), stepOf(library[6]!, 's')], { name: 'Neck & <wrists>' }), (id) =>
      id === 't' ? tricky : moveLookup()(id),
    );
    const timeline = compileTimeline(resolved);
    const tree = new WebVTTParser().parse(breakToVtt(resolved.brk.name, timeline), 'metadata');
    expect(tree.errors).toEqual([]);
    // A cue for each line as it is spoken, and for each part that begins without one; together without gaps.
    const spoken = timeline.parts.flatMap((p) => p.lines.map((l) => l.text));
    expect(tree.cues.length).toBeGreaterThanOrEqual(spoken.length);
    let now = 0;
    for (const cue of tree.cues) {
      expect(cue.startTime * 1000).toBeCloseTo(now, 3);
      expect(cue.text).not.toBe('');
      now = cue.endTime * 1000;
    }
    expect(now).toBeCloseTo(timeline.totals.totalMs, 3);
    const said = tree.cues.map((c) => c.text).join('\n');
    for (const text of spoken) expect(said).toContain(text.replace(/&/g, '&amp;'));
  });

  it('shows every line of every move as long as it is spoken, also where it runs on into the next part', () => {
    let runsOn = 0;
    for (const one of library) {
      const timeline = compileTimeline(resolve(brk([stepOf(one, 'a')])));
      const { cues } = new WebVTTParser().parse(breakToVtt(one.name, timeline), 'metadata');
      const said = timeline.parts.flatMap((p) =>
        p.lines.map((l) => ({ ...l, from: p.startMs + l.atMs, partEnd: p.startMs + p.lengthMs })),
      );
      said.forEach(({ text, from, lengthMs, partEnd }, i) => {
        const until = Math.min(from + lengthMs, said[i + 1]?.from ?? timeline.totals.totalMs);
        if (until > partEnd) runsOn++;
        for (const cue of cues.filter((c) => c.startTime * 1000 < until - 1 && c.endTime * 1000 > from + 1))
          expect(cue.text, `${one.id} at ${from}`).toContain(text);
      });
    }
    expect(runsOn).toBeGreaterThan(0);
  });
});

describe('captions and scripts', () => {
  const made = resolve(brk([stepOf(library.find((m) => m.id === 'ear-to-shoulder')!, 'a')]));
  const timeline = compileTimeline(made);
  it('as SRT have the times of the cue track, with a comma', () => {
    expect([srtTime(0), srtTime(3_723_004)]).toEqual(['00:00:00,000', '01:02:03,004']);
    const times = (text: string): string[] => text.match(/^\d\d:\d\d:.* --> .*$/gm) ?? [];
    const srt = breakToSrt(timeline);
    expect(times(srt).map((t) => t.replaceAll(',', '.'))).toEqual(times(breakToVtt('b', timeline)));
    expect(srt.startsWith('1\n00:00:00,000 --> ')).toBe(true);
    expect(srt).not.toMatch(/WEBVTT|&amp;/);
  });
  it('as a script say each line once, at its moment', () => {
    const script = breakToScript('A break', timeline).split('\n');
    expect(script[0]).toBe('A break');
    const said = timeline.parts.flatMap((p) => p.lines);
    expect(script.filter((l) => /^ {2}\d+:\d\d /.test(l))).toHaveLength(said.length);
    for (const { text } of said) expect(script.some((l) => l.endsWith(text))).toBe(true);
  });
});

describe('an entry worth opening', () => {
  const place = moveLookup();
  const room = { limits: [], things: Thing.options };
  const alone = (move: Move): Break =>
    Break.parse({ id: 'b', name: 'b', slotSec: 600, items: [stepOf(move, 's')] });

  it('says of every move how it goes, with its dose, what to keep in mind, and where to follow it', () => {
    for (const move of library) {
      const resolved = resolve(alone(move));
      const lines = entryLines(resolved, 'https://breaks.example/me/x');
      const [said] = compileTimeline(resolved).parts.flatMap((p) => p.lines.filter((l) => l.role === 'say'));
      const rung = (alone(move).items[0] as Step).rung;
      expect(lines[0], move.id).toBe(
        rung
          ? breakLines(resolved)[0]?.replace(move.name, `${move.name}, “${rung}”`)
          : breakLines(resolved)[0],
      );
      if (said) expect(lines[1], move.id).toContain(said.text);
      expect(lines.slice(-2)).toEqual([STANDING_CAUTION, 'Follow it: https://breaks.example/me/x']);
      expect(lines.join(' '), move.id).not.toMatch(/[{}]|undefined/);
    }
    expect(entryLines(resolve(alone(library[0]!))).at(-1)).toBe(STANDING_CAUTION);
  });

  it.each(Limit.options)('for somebody with %s names no step that is not for them', (limit) => {
    for (const move of library) {
      const brk = alone(move);
      const own = ownBreak(brk, {
        person: { limits: [{ limit }], tight: [] },
        room,
        lookup: place,
        approach: defaultApproach,
      });
      const made = own && resolveBreak(own.brk, place);
      if (!made?.ok) return expect.fail(move.id);
      const [line = ''] = entryLines(made.value);
      const { rung, position, dose } = brk.items[0] as Step;
      const answer = answerFor({ move, rung, position, dose }, { limits: [{ limit }] }, room, place);
      if (answer.verdict === 'fine') expect(line).toBe(entryLines(resolve(brk))[0]);
      if (answer.verdict === 'another move' || answer.verdict === 'leave out')
        expect(line).not.toContain(`${move.name}:`);
      if (answer.rung) expect(line).toContain(`“${answer.rung}”`);
      if (answer.instead) expect(line.startsWith(place(answer.instead)?.name ?? '?')).toBe(true);
    }
  });
});

describe('plain lines', () => {
  it('say each step with its dose, and mark a series', () => {
    const links = [
      stepOf(library.find((m) => m.id === 'ear-to-shoulder')!, 'a'),
      stepOf(library.find((m) => m.id === 'arm-across')!, 'b'),
    ];
    const rolls = stepOf(library.find((m) => m.id === 'shoulder-rolls')!, 'r');
    const chain = {
      type: 'chain' as const,
      id: 'c',
      nesting: 'side by side' as const,
      sides: 'both' as const,
      links,
    };
    expect(breakLines(resolve(brk([rolls, chain])))).toEqual([
      'Shoulder rolls: 8 times, each direction',
      'In one series: Ear toward the shoulder: 20 s each side',
      '  then: Arm across the chest: 20 s each side',
    ]);
  });
});
