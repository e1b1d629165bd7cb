import { type Change, compareBreaks } from '../compare';
import { applyFix, placeStep, removeSteps } from '../edit';
import { fitBreak } from '../fit';
import { stepOf } from '../library';
import { type Break, type FormKind, type Move, type Step, stepsOf } from '../model';
import { type Audience, canAllDo } from '../review';
import { leavesIdle } from '../review/rules/slot/slot';
import { serves } from '../review/rules/slot/targets';
import { swapsFor } from '../suggest/swap';
import { timed } from '../timing';
import { type Making, shorter } from './shorter';

interface Context extends Making {
  moves: readonly Move[];
  audience: Audience | null;
  /** In a room without seats, see `swapsFor`. */
  upright?: boolean;
}

/** The slots a break is shortened to, seconds: the usual ones. */
export const SHORT_SLOTS = [60, 120, 180, 300, 600] as const;

/** The slot of the short form: the longest usual one that is at most half of the break's. */
export const shortSlot = (slotSec: number): number =>
  [...SHORT_SLOTS].reverse().find((s) => s <= slotSec / 2) ?? Math.max(10, Math.round(slotSec / 2));

const swapTo = (draft: Break, step: Step, move: Move, { lookup, approach, newId }: Context): void =>
  applyFix(
    draft,
    { do: 'swap', stepId: step.id, moveId: move.id, name: move.name },
    { lookup, approach, newId },
  );

/** Does each step some other way, by another move or not at all, until it passes. */
const adapt = (
  brk: Break,
  context: Context,
  passes: (m: Move, s: Step) => boolean,
  other: (m: Move) => boolean,
): Break => {
  const { approach, audience } = context;
  const draft: Break = JSON.parse(JSON.stringify(brk));
  for (const { id } of stepsOf(brk)) {
    const step = stepsOf(draft).find((s) => s.id === id);
    const move = step && context.lookup(step.moveId);
    if (!step || !move || passes(move, step)) continue;
    const used = new Set(stepsOf(draft).map((s) => s.moveId));
    const named = move.instead
      .flatMap((one) => context.lookup(one) ?? [])
      .filter((m) => other(m) && !used.has(m.id) && canAllDo(m, stepOf(m, id, approach), audience));
    // What is for the same area comes before what only stands in for the move.
    const [area] = move.areas;
    const same = (m: Move): boolean => area === undefined || m.areas.includes(area);
    const swaps = swapsFor(draft, step, { ...context, moves: context.moves.filter(other) }, 50).map(
      (s) => s.move,
    );
    const instead = named.find(same) ?? swaps.find(same) ?? named[0] ?? swaps[0];
    if (instead) swapTo(draft, step, instead, context);
    else removeSteps(draft, [id]);
  }
  return draft;
};

const NAMES: Record<FormKind, string> = {
  short: 'short',
  'on a call': 'on a call',
  'standing room': 'standing room',
};

/** As long as a form is: what stands in for a move can take longer than that did, or less. */
const lengthMs = (brk: Break, { lookup, approach }: Context): number | null => {
  const made = timed(brk, lookup, approach);
  return made.ok ? made.timeline.totals.totalMs : null;
};

/**
 * A form in the slot of its break: fitted where other moves made it longer than the slot, or leave time that its break did not
 * leave. Where what is kept does not fit, it is as long as that.
 */
const inSlot = (form: Break, brk: Break, context: Context): Break => {
  const { lookup, approach } = context;
  const [now, before] = [lengthMs(form, context), lengthMs(brk, context)];
  const slotMs = form.slotSec * 1000;
  const leaves = (ms: number): boolean => leavesIdle(slotMs - ms, slotMs);
  if (now === null || (now <= slotMs && (!leaves(now) || (before !== null && leaves(before))))) return form;
  const fitted = fitBreak(form, lookup, approach);
  return fitted.ok ? fitted.brk : form;
};

/** What was left out for want of time is not asked for any more. */
const onlyServed = (brk: Break, { lookup, approach }: Context): Break => {
  const made = timed(brk, lookup, approach);
  if (!made.ok || !brk.targets) return brk;
  return { ...brk, targets: brk.targets.filter((area) => serves(made, area)) };
};

/** In its slot, or, where what is kept does not fit, in as much as that needs. */
const fittedAtLeast = (short: Break, brk: Break, { lookup, approach }: Context): Break => {
  const fitted = fitBreak(short, lookup, approach);
  if (fitted.ok) return fitted.brk;
  const needed = fitted.code === 'tooMuchKept' ? Math.ceil(fitted.leastMs / 1000) : brk.slotSec;
  const least = fitBreak({ ...short, slotSec: needed }, lookup, approach);
  return least.ok ? least.brk : short;
};

/** Everything of a break that its forms follow: the steps as they are, under their own ids. */
const basisOf = (brk: Break): Break['items'] => JSON.parse(JSON.stringify(brk.items));

/**
 * Makes another form of a break: shorter, for a call, or for a room without seats. It is a break of its own, with
 * the same step ids, and remembers what it was made from. A break whose kept steps cannot be made short enough
 * keeps the slot they need.
 */
export const makeForm = (brk: Break, kind: FormKind, context: Context): Break => {
  const { lookup, approach } = context;
  const base: Break = {
    ...brk,
    id: context.newId(),
    name: `${brk.name.slice(0, 60)} (${NAMES[kind]})`,
    formOf: { breakId: brk.id, kind, basis: basisOf(brk) },
  };
  delete base.aside;
  if (kind === 'short') {
    const fewer = shorter({ ...base, slotSec: shortSlot(brk.slotSec) }, context);
    return onlyServed(fittedAtLeast(fewer, brk, context), context);
  }
  if (kind === 'on a call') {
    const quiet = adapt(
      base,
      context,
      (m) => m.discreet.call,
      (m) => m.discreet.call,
    );
    return inSlot({ ...quiet, onCall: true }, brk, context);
  }
  const stands = (m: Move): boolean => m.position === 'standing' || m.alsoIn.includes('standing');
  // Where nobody sits, moves are done standing whatever one usually ends with.
  const standing = { ...approach, ending: 'last moves standing' as const };
  const upright = adapt(base, { ...context, approach: standing, upright: true }, stands, stands);
  for (const step of stepsOf(upright)) {
    const move = lookup(step.moveId);
    if (move && move.position !== 'standing') placeStep(step, move, 'standing');
  }
  if (approach.ending === 'all seated')
    upright.approach = { ...upright.approach, ending: 'last moves standing' };
  return inSlot(upright, brk, context);
};

/** How the break a form was made from has changed since: nothing when they still agree. */
export const driftOf = (form: Break, parent: Break): Change[] =>
  form.formOf
    ? compareBreaks({ ...parent, items: form.formOf.basis }, parent).filter((c) => c.code !== 'break')
    : [];

/** The form as it would be made anew from what its parent is now, under its own id and name. */
export const renewForm = (form: Break, parent: Break, context: Context): Break =>
  form.formOf ? { ...makeForm(parent, form.formOf.kind, context), id: form.id, name: form.name } : form;

/** The form agrees with its parent as it is: the differences are meant. */
export const agreeForm = (form: Break, parent: Break): Break =>
  form.formOf ? { ...form, formOf: { ...form.formOf, basis: basisOf(parent) } } : form;
