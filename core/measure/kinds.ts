import type { Area, ReachKind } from '../model';
import type { Demand } from '../needs';

/** How one reach is taken, in which steps it is read, and how far a reading may be off. */
export interface ReachInfo {
  name: string;
  /** What a number of it is, one and many. */
  unit: readonly [one: string, many: string];
  /** The smallest and largest reading, and the step in which it is read. */
  least: number;
  most: number;
  step: number;
  /** Whether more or less is farther. */
  farther: 'more' | 'less';
  /** Taken on each side, or once for both. */
  sides: 'each' | 'both';
  /** The area it tells of. */
  area: Area;
  /** How to take it, the same way each time. */
  how: string;
  /** What is wanted beside a chair; empty for nothing. */
  needs: string;
  /**
   * The usual error of one reading: 95 of 100 readings of the same thing lie no farther off. Common practice, no source.
   */
  usualError: number;
  /** What taking it asks of a body, as for a step. */
  asks: readonly Demand[];
}

/** The reaches people can take with what is in an office. Common practice, no source. */
export const REACHES: Readonly<Record<ReachKind, ReachInfo>> = {
  'arm on the clock': {
    name: 'Arm on the clock',
    unit: ['hour up', 'hours up'],
    least: 0,
    most: 6,
    step: 0.5,
    farther: 'more',
    sides: 'each',
    area: 'shoulder',
    how: 'Sit tall, back to the wall. Think of a clock behind you, six o’clock at your feet. Raise the straight arm at your side as far as it goes by itself, ribs down. Read the hour it shows, to half an hour.',
    needs: '',
    usualError: 0.25,
    asks: ['movement', 'arms overhead', 'arms stretched out'],
  },
  'finger to wall': {
    name: 'Finger to wall',
    unit: ['cm', 'cm'],
    least: 0,
    most: 100,
    step: 1,
    farther: 'less',
    sides: 'each',
    area: 'upper back',
    how: 'Sit with your back an arm’s length from a wall, feet flat. Arm out at shoulder height, turn towards it from the ribs, hips stay. Measure the gap from the middle finger to the wall.',
    needs: 'a wall and a ruler',
    usualError: 2,
    asks: ['movement', 'back turned', 'arm at shoulder height', 'arms stretched out'],
  },
  'finger to floor': {
    name: 'Finger to floor',
    unit: ['cm', 'cm'],
    least: 0,
    most: 80,
    step: 1,
    farther: 'less',
    sides: 'both',
    area: 'leg',
    how: 'Sit at the front of a chair that does not roll, feet hip-wide. Fold forward from the hips without bouncing, arms hanging. Measure the gap from the middle finger to the floor. Come up slowly.',
    needs: 'a ruler',
    usualError: 2,
    asks: ['movement', 'deep lean forward', 'head low', 'back rounded', 'edge of the seat'],
  },
  'hands on a strap': {
    name: 'Hands behind on a strap',
    unit: ['cm', 'cm'],
    least: -10,
    most: 80,
    step: 1,
    farther: 'less',
    sides: 'each',
    area: 'shoulder',
    how: 'One hand over the shoulder, the other up the back, both on a strap; the side is that of the upper hand. Walk the hands together without pulling. Measure the gap; an overlap of the fingers counts below 0.',
    needs: 'a strap or towel and a ruler',
    usualError: 2,
    asks: ['movement', 'arm behind', 'arms overhead', 'both arms', 'end of range'],
  },
  'chin to shoulder': {
    name: 'Chin to shoulder',
    unit: ['finger width', 'finger widths'],
    least: 0,
    most: 10,
    step: 0.5,
    farther: 'less',
    sides: 'each',
    area: 'neck',
    how: 'Sit tall, shoulders down. Turn the head slowly, chin level, as far as is easy. Count the fingers that fit between the chin and the front of the shoulder.',
    needs: '',
    usualError: 0.5,
    asks: ['movement', 'neck turned', 'head moving'],
  },
  'wrist angle': {
    name: 'Wrist bent up',
    unit: ['degree', 'degrees'],
    least: 0,
    most: 90,
    step: 5,
    farther: 'more',
    sides: 'each',
    area: 'forearm',
    how: 'Forearm on the desk, palm down. Lift the hand without help as far as is easy. Judge the angle by eye against the corner of a sheet of paper folded once: 45 degrees.',
    needs: '',
    usualError: 10,
    asks: ['movement', 'wrist bent far'],
  },
};
