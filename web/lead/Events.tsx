import type { EventKind, Person } from '@kotabi/core/model';
import { partTitle, type Timeline } from '@kotabi/core/timing';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { Button } from './Button';
import styles from './lead.module.css';
import type { LeadStore } from './leadStore';
import type { Recorder } from './useRecord';

const WHAT: readonly [EventKind, string][] = [
  ['pain', 'hurts'],
  ['dizzy', 'dizzy'],
  ['stopped', 'stopped'],
  ['other version', 'other version'],
];
/** What to do first; common caution, no diagnosis. */
const FIRST: Record<EventKind, string> = {
  pain: 'Out of it, back to neutral. Pain is never worked through.',
  dizzy: 'Sit, feet on the floor, look at something still. Not better soon: get help.',
  stopped: 'They rest and breathe along.',
  'other version': 'Easier is fine: smaller, or leave it out.',
};

interface Props {
  store: LeadStore;
  timeline: Timeline;
  people: readonly Person[];
  recorder: Recorder;
}

/** Something happened to somebody: what, then who; two presses, and the break goes on. */
export const Events = ({ store, timeline, people, recorder }: Props) => {
  const [what, setWhat] = useState<EventKind | null>(null);
  const [said, setSaid] = useState('');
  const note = (kind: EventKind, person: Person | null): void => {
    const { view, lead } = store.getState();
    const { part } = view;
    const atMs = Math.round(
      lead.doneMs.slice(0, Math.max(0, lead.index)).reduce((a, b) => a + b, 0) + lead.elapsedMs,
    );
    recorder.tell({
      events: [
        ...recorder.told.events,
        {
          id: nanoid(8),
          what: kind,
          stepId: part?.stepId ?? null,
          moveName: part?.moveName ?? '',
          moveId: part ? recorder.moveOf(part.stepId) : null,
          side: part?.side ?? null,
          atMs,
          personId: person?.id ?? null,
          done: '',
        },
      ],
    });
    setWhat(null);
    const place = part ? ` at ${part.moveName}${part.side ? `, ${partTitle(part)}` : ''}` : '';
    setSaid(`Noted${place}: ${person?.name ?? 'someone'}, ${kind}. ${FIRST[kind]}`);
  };
  return (
    <section aria-label="Something happened" className={styles.events}>
      <p className={styles.dim}>something happened</p>
      {what === null ? (
        <div className={styles.eventRow}>
          {WHAT.map(([kind, label]) => (
            <Button key={kind} onClick={() => setWhat(kind)}>
              {label}
            </Button>
          ))}
        </div>
      ) : (
        <div className={styles.eventRow} role="group" aria-label="To whom">
          {people.map((p) => (
            <Button key={p.id} onClick={() => note(what, p)}>
              {p.name}
            </Button>
          ))}
          <Button main onClick={() => note(what, null)}>
            someone
          </Button>
          <Button quiet onClick={() => setWhat(null)}>
            nothing
          </Button>
        </div>
      )}
      {said && (
        <p role="status" className={styles.eventSaid}>
          {said}
        </p>
      )}
      {timeline.parts.length > 0 && recorder.told.events.length > 0 && (
        <p className={styles.dim}>{recorder.told.events.length} noted in this break</p>
      )}
    </section>
  );
};
