import { roomLimits } from '@kotabi/core/model';
import { needsTable } from '@kotabi/core/needs';
import { readOut } from '../words/needs';
import styles from './lead.module.css';
import type { LeadData } from './load';

/** What to say before the start, as a choice for everyone: it names no condition and no person. */
export const ReadOut = ({ data: { brk, group, people, shelf } }: { data: LeadData }) => {
  if (!group) return null;
  const room = { limits: roomLimits(group), things: group.things };
  const said = readOut(needsTable(brk, people, room, shelf.lookup), shelf.lookup);
  if (said.before.length === 0) return null;
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
