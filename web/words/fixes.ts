import { placeWord } from '@kotabi/core/cues';
import type { Fix } from '@kotabi/core/edit';
import { isOnEdge } from '@kotabi/core/model';

/** What the button of a fix says. */
export const fixWords = (fix: Fix): string => {
  switch (fix.do) {
    case 'fit':
      return 'Fit to the slot';
    case 'both sides':
      return 'Do both sides';
    case 'even sides':
      return 'Give both the same';
    case 'both directions':
      return 'Go both ways';
    case 'dose':
      return `Make it ${fix.amount} ${fix.unit === 'breaths' && fix.amount === 1 ? 'breath' : fix.unit}`;
    case 'whole breaths':
      return 'Hold for whole breaths';
    case 'rung':
      return `Use “${fix.rung}”`;
    case 'swap':
      return `Do “${fix.name}” instead`;
    case 'add':
      return `Put in “${fix.name}”`;
    case 'move':
      return 'Change the order';
    case 'announce':
      return 'Announce it at the start';
    case 'series':
      return 'Make them a series';
    case 'link by link':
      return 'Lead the links one by one';
    case 'positions':
      return `Do it ${isOnEdge(fix.position) ? 'on the ' : ''}${placeWord(fix.position)}`;
    case 'longer exhale':
      return `Make the breath out ${fix.ratio} times as long`;
    case 'remove':
      return 'Leave it out';
  }
};
