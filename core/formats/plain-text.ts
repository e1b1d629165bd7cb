import type { Dose, Side } from '../model';
import { isResolvedChain, type ResolvedBreak, type ResolvedStep } from '../timing';

const plural = (n: number, one: string): string => `${n} ${one}${n === 1 ? '' : 's'}`;

/** A dose in words, such as `20 s`, `3 breaths` or `5 times`. */
export const doseText = (dose: Dose, amount: number = dose.amount): string => {
  if (dose.measure === 'seconds') return `${amount} s`;
  return dose.measure === 'breaths' ? plural(amount, 'breath') : plural(amount, 'time');
};

const onlyText = (sides: 'both' | Side): string => (sides === 'both' ? '' : `, ${sides} only`);

const stepText = ({ step, move }: ResolvedStep): string => {
  const sets = step.sets > 1 ? `, ${step.sets} sets` : '';
  const ways =
    move.ways.pattern === 'together'
      ? move.ways.directions && step.directions === 'both'
        ? ' each direction'
        : ''
      : step.sides === 'both'
        ? ' each side'
        : '';
  return `${move.name}: ${doseText(step.dose)}${ways}${sets}${move.ways.pattern === 'together' ? '' : onlyText(step.sides)}`;
};

/** The steps of a break as plain lines, one step a line; links of a chain are marked. */
export const breakLines = ({ items }: ResolvedBreak): string[] =>
  items.flatMap((item) =>
    isResolvedChain(item)
      ? item.links.map((link, i) => `${i === 0 ? 'In one series: ' : '  then: '}${stepText(link)}`)
      : [stepText(item)],
  );
