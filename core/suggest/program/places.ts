import type { Approach, Thing } from '../../model';
import type { Candidate } from '../candidate';
import type { SuggestRequest } from '../request';
import { isFramed } from './frame';
import type { Sheet, Terms } from './sheet';

/** What a change of position costs, in full targets. Common practice, no source. */
export const CHANGE_COST = 0.03;
/** Getting up is for so many moves, at least: for one it is not worth it. Common practice, no source. */
export const STANDING_MOVES = 2;

/** The columns of where a break takes place and of what it needs. */
export interface Places {
  edge: number;
  stand: number;
  things: ReadonlyMap<Thing, number>;
}

const WORKS: readonly string[] = ['mobilise', 'stretch', 'activate'];
const worksStanding = ({ stands, move }: Candidate): boolean => stands && WORKS.includes(move.kind);

/** On one kind of seat throughout; standing only at the end, for more than one move, and then the end is led standing. */
export const places = (
  sheet: Sheet,
  request: SuggestRequest,
  { ending }: Pick<Approach, 'ending'>,
): Places => {
  const { candidates } = sheet;
  const edge = sheet.flag('edge', -CHANGE_COST);
  const stand = sheet.flag('stand', -CHANGE_COST);
  const things = new Map(
    [...new Set(candidates.flatMap((c) => c.things))].map(
      (t) => [t, sheet.flag(`announce ${t}`, 0)] as const,
    ),
  );
  const at = (x: number): Terms => [[x, 1]];
  sheet.needs(
    (c) => c.stands,
    () => at(stand),
  );
  sheet.needs(
    (c) => !c.stands && !c.canSit.includes('back'),
    () => at(edge),
  );
  candidates.forEach((c, i) => {
    const own = (sheet.doseColumns[i] ?? []).map((x) => [x, 1] as const);
    if (!c.stands && c.canSit.includes('back') && !c.canSit.includes('edge'))
      sheet.most(1, [...own, [edge, 1]]);
    const closing = c.move.kind === 'close' || c.move.kind === 'release';
    if (closing && !c.stands && !c.move.alsoIn.includes('standing')) sheet.most(1, [...own, [stand, 1]]);
    for (const t of c.things) sheet.most(0, [...own, [things.get(t) as number, -1]]);
  });
  const standing = sheet.those(worksStanding);
  sheet.least(0, [...standing, [stand, -Math.min(STANDING_MOVES, candidates.filter(worksStanding).length)]]);
  // Where one always ends standing, the end is standing, if anything can be done there.
  const endsStanding = !request.seatedOnly && ending === 'last moves standing';
  const canHold = candidates.some((c) => c.stands && c.move.kind === 'stretch');
  if (isFramed(request) && endsStanding && canHold) sheet.least(1, at(stand));
  sheet.least(0, [...sheet.those((c) => c.stands && c.move.kind === 'stretch'), [stand, -1]]);
  return { edge, stand, things };
};
