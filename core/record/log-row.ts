import { countedIn } from '../ledger/gives';
import type { AreaWork, DonePart, LogRow, Session, Side } from '../model';
import { endingOf } from './ending';
import { sumOf } from './record';

/** So much of a note stands in a list. */
const NOTE = 160;
/** A part that took less than this share of its time was skipped: it says nothing of how long it takes. Common practice, no source. */
export const GONE_THROUGH = 0.5;

const SIDES: readonly Side[] = ['left', 'right'];

const workOf = (parts: readonly DonePart[]): AreaWork[] => {
  const work = new Map<string, AreaWork>();
  for (const { area, counts, felt, plannedMs, doneMs } of countedIn(parts)) {
    if (!area || !counts || !felt) continue;
    const key = `${area} ${counts}`;
    const one = work.get(key) ?? {
      area,
      counts,
      planned: { left: 0, right: 0 },
      done: { left: 0, right: 0 },
    };
    for (const side of SIDES)
      if (felt === side || felt === 'both') {
        one.planned[side] += plannedMs;
        one.done[side] += doneMs;
      }
    work.set(key, one);
  }
  return [...work.values()];
};

/** Parts of some kinds that were gone through, as planned and as they were. */
const paceOf = (
  parts: readonly DonePart[],
  kind: DonePart['kind'],
): { plannedMs: number; doneMs: number } => {
  const through = parts.filter(
    (p) => p.kind === kind && p.plannedMs > 0 && p.doneMs >= p.plannedMs * GONE_THROUGH,
  );
  return {
    plannedMs: through.reduce((sum, p) => sum + p.plannedMs, 0),
    doneMs: through.reduce((sum, p) => sum + p.doneMs, 0),
  };
};

/** Work of one way, as said aloud. */
const wayOf = (parts: readonly DonePart[], side: Side): { plannedMs: number; doneMs: number } => {
  const own = parts.filter((p) => p.kind === 'work' && p.side === side);
  return {
    plannedMs: own.reduce((sum, p) => sum + p.plannedMs, 0),
    doneMs: own.reduce((sum, p) => sum + p.doneMs, 0),
  };
};

/** A record as the log and all sums over many records read it. */
export const logRowOf = (session: Session): LogRow => {
  const { parts, came, note } = session;
  const sum = sumOf(session);
  const planned = (side: Side): number =>
    parts.reduce((ms, p) => ms + (p.kind === 'work' && p.felt === side ? p.plannedMs : 0), 0);
  return {
    id: session.id,
    breakId: session.breakId,
    breakName: session.breakName,
    groupId: session.groupId,
    plannedId: session.plannedId,
    startedAt: session.startedAt,
    endedAt: session.endedAt,
    tensionBefore: session.tensionBefore,
    tensionAfter: session.tensionAfter,
    areas: session.areas,
    written: session.written,
    ending: endingOf(session),
    ...sum,
    leftPlannedMs: planned('left'),
    rightPlannedMs: planned('right'),
    ways: { left: wayOf(parts, 'left'), right: wayOf(parts, 'right') },
    came:
      came.count === null && came.people.length === 0 ? null : Math.max(came.count ?? 0, came.people.length),
    people: came.people,
    work: workOf(parts),
    said: paceOf(parts, 'say'),
    changed: paceOf(parts, 'change'),
    moves: [...new Set(parts.filter((p) => p.kind === 'work').map((p) => p.moveName))],
    events: session.events.map(({ what, moveId, moveName, side, personId }) => ({
      what,
      moveId,
      moveName,
      side,
      personId,
    })),
    note: note.length > NOTE ? `${note.slice(0, NOTE - 1)}…` : note,
  };
};
