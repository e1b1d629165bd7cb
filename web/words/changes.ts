import type { Change, StepField } from '@kotabi/core/compare';
import { placeWord } from '@kotabi/core/cues';
import type { Break, Dose, MoveLookup, Position, Step } from '@kotabi/core/model';
import { doseWords, meanwhileWords } from '@kotabi/core/timing';
import { minSec } from './time';

const quoted = (text: unknown): string => `“${String(text)}”`;

const FIRST = { left: 'left first', right: 'right first' } as const;
const SIDES = { both: 'both sides', left: 'left only', right: 'right only' } as const;
const DIRECTIONS = { both: 'both ways', first: 'the first way only', second: 'the second way only' } as const;

/** One field of a step, before or after, in words. */
const stepValue = (field: StepField, value: unknown, lookup: MoveLookup): string => {
  switch (field) {
    case 'moveId':
      return lookup(String(value))?.name ?? 'another move';
    case 'dose':
      return doseWords(value as Dose);
    case 'sets':
      return value === 1 ? 'one set' : `${value} sets`;
    case 'sides':
      return SIDES[value as keyof typeof SIDES];
    case 'firstSide':
      return value ? FIRST[value as keyof typeof FIRST] : 'as the break';
    case 'directions':
      return DIRECTIONS[value as keyof typeof DIRECTIONS];
    case 'uneven':
      return value ? 'uneven on purpose' : 'even';
    case 'wholeBreaths':
      return value === undefined ? 'breaths as the break' : value ? 'whole breaths' : 'no whole breaths';
    case 'position':
      return value ? placeWord(value as Position) : 'in its own position';
    case 'rung':
      return value ? `rung ${quoted(value)}` : 'the usual rung';
    case 'words':
      return value ? 'your own words' : 'the words of the move';
    case 'locked':
      return value ? 'dose locked' : 'dose free';
    case 'keep':
      return value ? 'always kept' : 'may be left out';
    case 'priority':
      return { 1: 'goes first', 2: 'usual priority', 3: 'goes last' }[(value as 1 | 2 | 3) ?? 2];
    case 'breath':
      return value ? 'a breath of its own' : 'the breath of the break';
    case 'oneByOne':
      return value ? 'one side first, then the other' : 'as the move goes';
    case 'turned':
      return value ? 'turned over' : 'not turned over';
    case 'second':
      return value ? 'another amount the second way' : 'the same both ways';
    case 'meant':
      return value ? `one way on purpose: ${String(value)}` : 'owes the other way';
    case 'meanwhile': {
      const second = value as Step['meanwhile'];
      const moveName = second && (lookup(second.moveId)?.name ?? 'another move');
      return second && moveName
        ? meanwhileWords({ moveName, times: second.times, side: null })
        : 'nothing meanwhile';
    }
  }
};

const breakValue = (field: keyof Break, value: unknown): string => {
  switch (field) {
    case 'slotSec':
      return `${minSec(Number(value) * 1000)} min`;
    case 'firstSide':
      return FIRST[value as keyof typeof FIRST];
    case 'name':
      return quoted(value);
    case 'targets':
      return Array.isArray(value) && value.length > 0 ? value.join(', ') : 'no area in particular';
    case 'calm':
      return value ? 'to calm down' : 'not to calm down';
    case 'onCall':
      return value ? 'for a call' : 'not for a call';
    case 'wholeBreaths':
      return value ? 'whole breaths' : 'no whole breaths';
    default:
      return '';
  }
};

const BREAK_FIELD: Partial<Record<keyof Break, string>> = {
  name: 'Name',
  groupId: 'Another group',
  slotSec: 'Slot',
  firstSide: 'Sides',
  wholeBreaths: 'Breath',
  pace: 'Another pace',
  approach: 'Other answers to the approach',
  calm: 'What for',
  onCall: 'What for',
  targets: 'Areas',
};

/** One change in a sentence. */
export const changeText = (change: Change, lookup: MoveLookup): string => {
  const name = (step: Step): string => lookup(step.moveId)?.name ?? 'a move that is not here';
  switch (change.code) {
    case 'added':
      return `${name(change.step)} added${change.after ? `, after ${lookup(change.after)?.name ?? 'another step'}` : ', at the start'}`;
    case 'removed':
      return `${name(change.step)} removed`;
    case 'moved':
      return `${name(change.step)} moved ${Math.abs(change.by)} ${Math.abs(change.by) === 1 ? 'place' : 'places'} ${change.by < 0 ? 'up' : 'down'}`;
    case 'step': {
      const { step, field, before, after } = change;
      const [was, is] = [stepValue(field, before, lookup), stepValue(field, after, lookup)];
      return field === 'moveId' ? `${was} became ${is}` : `${name(step)}: ${was} → ${is}`;
    }
    case 'series made':
      return `A series of ${change.chain.links.length} made, from ${name(change.chain.links[0] as Step)} on`;
    case 'series taken apart':
      return `The series from ${name(change.chain.links[0] as Step)} on taken apart`;
    case 'series':
      return `The series from ${name(change.chain.links[0] as Step)} on is led differently`;
    case 'break': {
      const [was, is] = [breakValue(change.field, change.before), breakValue(change.field, change.after)];
      const label = BREAK_FIELD[change.field] ?? change.field;
      return was === '' && is === '' ? label : `${label}: ${was} → ${is}`;
    }
  }
};
