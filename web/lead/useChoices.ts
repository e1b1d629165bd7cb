import { useEffect, useState } from 'react';
import type { Choices } from './choices';
import type { LeadData } from './load';

const NONE: Choices = { before: [], steps: [], own: [] };

/** The choices of a break; the rules of caution come after the first look at it. */
export const useChoices = (data: LeadData): Choices => {
  const [choices, setChoices] = useState<Choices>(NONE);
  useEffect(() => {
    let gone = false;
    import('./choices').then(
      ({ choicesOf }) => {
        if (!gone) setChoices(choicesOf(data));
      },
      (error: unknown) => console.error('The rules of caution could not be loaded', error),
    );
    return () => {
      gone = true;
    };
  }, [data]);
  return choices;
};
