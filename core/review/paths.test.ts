import { beforeAll, describe, expect, it, vi } from 'vitest';
import { applyFix } from '../edit';
import { isStopped } from '../fill';
import { makeForm } from '../forms';
import { library, moveLookup } from '../library/all';
import { type Break, defaultApproach, FormKind, Limit, Person, type Step, stepsOf, Thing } from '../model';
import { answerFor, mustAsk, needsTable } from '../needs';
import { breakFrom, starts } from '../starts';
import { highsSolver, type Solve, SuggestRequest, suggest } from '../suggest';
import { swapsFor } from '../suggest/swap';
import { everything } from '../testing/all';
import { loadSolver } from '../testing/solver-planner';
import { type Audience, reviewed } from '.';

// Nobody is shown, told or given what their limits exclude, on any path: each path with each limit in the audience.
const lookup = moveLookup();
const shelf = { library, lookup };
const room = { limits: [], things: Thing.options };
const person = (limit: Limit): Person =>
  Person.parse({ id: 'p', groupId: 'g', name: limit, consent: true, limits: [{ limit }] });
const audienceOf = (limit: Limit): Audience => ({ people: [person(limit)], room });
let count = 0;
const newId = (): string => `n${count++}`;
const begun: Break[] = starts.map((start) => breakFrom(start, { lookup, newId, approach: defaultApproach }));
const limits = Limit.options;
/** Those for whom something else is proposed; whoever has to ask a doctor first rests through what moves. */
const eased = limits.filter((limit) => !mustAsk([{ limit }]));

vi.setConfig({ testTimeout: 120_000 });

const out = (verdict: string): boolean => verdict === 'another move' || verdict === 'leave out';
/** The steps that somebody with this limit cannot do at all as they are planned. */
const excludedIn = (brk: Break, limit: Limit): Step[] =>
  needsTable(brk, [person(limit)], room, lookup)
    .filter(({ worst }) => out(worst))
    .map(({ step }) => step);
const findingsOf = (brk: Break, limit: Limit) => {
  const result = reviewed(brk, shelf, defaultApproach, audienceOf(limit));
  return result.ok ? result.findings : expect.fail(`${brk.name} cannot be timed`);
};
/** What is excluded stands in a group's break only together with that person's own version, and the review says so. */
const expectTold = (brk: Break, limit: Limit): void => {
  const told = new Set(
    findingsOf(brk, limit)
      .filter(({ code }) => code === 'excluded' || code === 'headLow')
      .flatMap(({ stepIds }) => stepIds),
  );
  for (const step of excludedIn(brk, limit)) {
    const where = `${brk.name}, ${step.moveId}, ${limit}`;
    expect(told.has(step.id), where).toBe(true);
    const { rung, position, dose } = step;
    const move = lookup(step.moveId) ?? expect.fail(step.moveId);
    const answer = answerFor({ move, rung, position, dose }, person(limit), room, lookup);
    const instead = answer.instead === undefined ? undefined : lookup(answer.instead);
    if (instead)
      expect(
        answerFor(
          { move: instead, rung: answer.rung, position: answer.position },
          person(limit),
          room,
          lookup,
        ).verdict,
        where,
      ).toBe('fine');
  }
};

describe.each(eased)('with %s in the group', (limit) => {
  it('every starting point says what they cannot do', () => {
    for (const brk of begun) expectTold(brk, limit);
  });

  it('every form says what they cannot do, and brings in nothing that they cannot', () => {
    // One starting point for each limit, another one from limit to limit.
    const one = begun[eased.indexOf(limit) % begun.length] ?? expect.fail();
    for (const brk of everything ? begun : [one])
      for (const kind of FormKind.options) {
        const context = {
          moves: library,
          lookup,
          approach: defaultApproach,
          audience: audienceOf(limit),
          newId,
        };
        const form = makeForm(brk, kind, context);
        expectTold(form, limit);
        const before = new Set(stepsOf(brk).map((s) => s.moveId));
        for (const step of excludedIn(form, limit))
          expect([form.name, step.moveId, before.has(step.moveId)]).toEqual([form.name, step.moveId, true]);
      }
  });

  it('no fix of one press brings in what they cannot do', () => {
    for (const brk of begun) {
      const before = new Set(excludedIn(brk, limit).map((s) => `${s.id} ${s.moveId}`));
      for (const { fix, code } of findingsOf(brk, limit)) {
        if (!fix) continue;
        const draft: Break = structuredClone(brk);
        applyFix(draft, fix, { lookup, approach: defaultApproach, newId });
        for (const step of excludedIn(draft, limit))
          expect([brk.name, code, fix.do, step.moveId, before.has(`${step.id} ${step.moveId}`)]).toEqual([
            brk.name,
            code,
            fix.do,
            step.moveId,
            true,
          ]);
      }
    }
  });

  it('nothing is offered in place of a step that they cannot do', () => {
    const full = begun.find((b) => b.slotSec === 900) ?? expect.fail();
    const steps = stepsOf(full);
    const at = eased.indexOf(limit);
    // Of the usual check every step comes up, with one limit or another.
    for (const step of everything ? steps : steps.filter((_, i) => (i + at) % 9 === 3)) {
      const context = { moves: library, lookup, approach: defaultApproach, audience: audienceOf(limit) };
      for (const swap of swapsFor(full, step, context)) {
        const { rung, position, dose } = swap.step;
        const { verdict } = answerFor({ move: swap.move, rung, position, dose }, person(limit), room, lookup);
        expect([step.moveId, swap.move.id, out(verdict)]).toEqual([step.moveId, swap.move.id, false]);
      }
    }
  });
});

describe('filling somebody’s own week', () => {
  it.each(limits)('with %s takes no break with a step that they cannot do', (limit) => {
    const chosen = begun.filter((b) => !isStopped(b, shelf, defaultApproach, audienceOf(limit), 'person'));
    for (const brk of chosen) expect([brk.name, excludedIn(brk, limit)]).toEqual([brk.name, []]);
    // It is not simply everything that is stopped.
    const possible = begun.filter((b) => excludedIn(b, limit).length === 0);
    for (const brk of possible)
      if (!findingsOf(brk, limit).some((f) => f.weight === 'stop')) expect(chosen).toContain(brk);
  });
});

describe('suggestions', () => {
  let solve: Solve;
  beforeAll(async () => {
    solve = highsSolver(await loadSolver());
  });
  const asked = everything ? limits : limits.filter((_, i) => i % 3 === 0);
  it.each(asked)('with %s hold nothing that they cannot do', (limit) => {
    const request = SuggestRequest.parse({ slotSec: 90, targets: [{ area: 'shoulder' }], count: 1 });
    const setting = {
      request,
      moves: library,
      lookup,
      approach: defaultApproach,
      audience: audienceOf(limit),
    };
    // What it may hold is the question here, not whether it is the best.
    const result = suggest(setting, solve, undefined, { nodes: 5, gap: 0.3 });
    if (!result.ok) return expect.fail(`${result.code}`);
    for (const { brk } of result.suggestions)
      if (!mustAsk([{ limit }])) expect([limit, excludedIn(brk, limit)]).toEqual([limit, []]);
      else for (const step of excludedIn(brk, limit)) expect(lookup(step.moveId)?.kind).not.toBe('breathe');
  });
});
