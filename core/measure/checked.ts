import type { Measure } from '../model';
import { REACHES } from './kinds';

/** Something in a measure that cannot be. */
export interface WrongMeasure {
  path: string;
  message: string;
  bound: string | number;
  value: string | number;
}

/** What is wrong with the reaches of a measure: beyond what can be read, between its steps, on a side that it does not have. */
export const wrongIn = ({ reach }: Measure): WrongMeasure[] =>
  reach.flatMap(({ kind, side, before, after }, i) => {
    const { least, most, step, sides, unit } = REACHES[kind];
    const wrong: WrongMeasure[] = [];
    if ((sides === 'both') !== (side === 'both'))
      wrong.push({
        path: `reach.${i}.side`,
        message: sides === 'both' ? 'is taken once for both sides' : 'is taken on the left or the right',
        bound: sides === 'both' ? 'both' : 'left or right',
        value: side,
      });
    for (const [name, readings] of [
      ['before', before],
      ['after', after],
    ] as const)
      for (const [k, value] of readings.entries()) {
        const path = `reach.${i}.${name}.${k}`;
        if (value < least || value > most)
          wrong.push({
            path,
            message: `must be between ${least} and ${most} ${unit[1]}`,
            bound: value < least ? least : most,
            value,
          });
        else if (Math.abs(value / step - Math.round(value / step)) > 1e-9)
          wrong.push({ path, message: `is read in steps of ${step} ${unit[1]}`, bound: step, value });
      }
    return wrong;
  });
