import { Group } from '../model';

/** A group that sits at its desk from nine to half past five, Monday to Friday, with lunch from half past twelve. */
export const desk: Group = Group.parse({
  id: 'g',
  name: 'Desk',
  timeZone: 'Europe/Lisbon',
  days: [1, 2, 3, 4, 5],
  hours: { startMin: 540, endMin: 1050 },
  lunch: { startMin: 750, endMin: 795 },
});
