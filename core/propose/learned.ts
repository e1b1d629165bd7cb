import type { Area, Effect, Frequency, Group, Learned, Side } from '../model';

/** What was taken of what the records proposed, as suggestions and new weeks use it. */
export interface Habits {
  firstSide: Side | null;
  moreSide: Side | null;
  areas: Area[];
  /** Moves that are left out. */
  moves: { moveId: string; moveName: string }[];
  /** The ramp waits at so many a day; null where it goes on. */
  rampWaitsAt: number | null;
}

/** The latest of one sort that was taken. */
const latest = <W extends Effect['what']>(
  taken: readonly Learned[],
  what: W,
): Extract<Effect, { what: W }> | null =>
  (taken.findLast((l) => l.effect.what === what)?.effect as Extract<Effect, { what: W }> | undefined) ?? null;

/** What a group has taken from its records. Of what can only be one way the latest counts. */
export const habitsOf = ({ learned }: Pick<Group, 'learned'>): Habits => {
  const taken = learned.filter((l) => l.state === 'taken');
  const effects = taken.map((l) => l.effect);
  const ramp = latest(taken, 'ramp');
  return {
    firstSide: latest(taken, 'first side')?.side ?? null,
    moreSide: latest(taken, 'more side')?.side ?? null,
    areas: [...new Set(effects.flatMap((e) => (e.what === 'area' ? [e.area] : [])))],
    moves: effects.flatMap((e) => (e.what === 'move' ? [{ moveId: e.moveId, moveName: e.moveName }] : [])),
    rampWaitsAt: ramp && !ramp.goOn ? ramp.count : null,
  };
};

/** How often a new week has breaks, by what was learned: a ramp that waits goes no further. */
export const frequencyLearned = (frequency: Frequency, { rampWaitsAt }: Habits): Frequency =>
  frequency.code === 'ramp' && rampWaitsAt !== null
    ? {
        ...frequency,
        start: Math.min(frequency.start, rampWaitsAt),
        most: Math.min(frequency.most, rampWaitsAt),
      }
    : frequency;

/** What of the habits bears on a suggestion, in sentences; empty for none. */
export const habitWords = ({ firstSide, moreSide, areas, moves }: Habits): string[] => [
  ...(areas.length > 0
    ? [`${areas.join(', ')}: nothing has held ${areas.length === 1 ? 'it' : 'them'} lately`]
    : []),
  ...(firstSide ? [`the ${firstSide} goes first: as the second side it was cut short`] : []),
  ...(moreSide ? [`more of the ${moreSide}: it was the tighter side`] : []),
  ...(moves.length > 0
    ? [`without ${moves.map((m) => `“${m.moveName}”`).join(', ')}: it brought complaints`]
    : []),
];
