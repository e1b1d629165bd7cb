import { roomLimits } from '@kotabi/core/model';
import { needsTable, readOut } from '@kotabi/core/needs';
import { useMemo } from 'react';
import styles from './lead.module.css';
import type { LeadData } from './load';

const useReadOut = ({ brk, group, people, shelf }: LeadData) =>
  useMemo(() => {
    if (!group) return null;
    const room = { limits: roomLimits(group), things: group.things };
    return readOut(needsTable(brk, people, room, shelf.lookup), shelf.lookup);
  }, [brk, group, people, shelf]);

/** What to say before the start, as a choice for everyone: it names no condition and no person. */
export const ReadOut = ({ data }: { data: LeadData }) => {
  const said = useReadOut(data);
  if (!said || said.before.length === 0) return null;
  return (
    <section aria-label="Who needs something else">
      <h2>Say to everyone</h2>
      <ul className={styles.readOut}>
        {said.before.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </section>
  );
};

/** The choices that belong to one step, while it is being said: as little as can be read at a glance. */
export const StepChoices = ({ data, stepId }: { data: LeadData; stepId: string }) => {
  const lines = useReadOut(data)?.steps.find((s) => s.stepId === stepId)?.lines ?? [];
  if (lines.length === 0) return null;
  return (
    <ul className={styles.choices} aria-label="Say as a choice">
      {lines.slice(0, MOST_AT_ONCE).map((line) => (
        <li key={line}>{line}</li>
      ))}
    </ul>
  );
};
/** More is not taken in while one is getting into place. Common practice, no source. */
const MOST_AT_ONCE = 2;
