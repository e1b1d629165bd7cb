import { roomLimits } from '@kotabi/core/model';
import { needsTable } from '@kotabi/core/needs';
import { readOut } from '../words/needs';
import styles from './lead.module.css';
import type { LeadData } from './load';

/** What to say before the start to those who need something else, without their names. */
export const ReadOut = ({ data: { brk, group, people, shelf } }: { data: LeadData }) => {
  if (!group) return null;
  const room = { limits: roomLimits(group), things: group.things };
  const said = readOut(needsTable(brk, people, room, shelf.lookup), shelf.lookup);
  if (said.length === 0) return null;
  return (
    <section aria-label="Who needs something else">
      <h2>Say to those who need something else</h2>
      <dl className={styles.readOut}>
        {said.map((s) => (
          <div key={s.stepId}>
            <dt>{s.move}</dt>
            {s.lines.map((line) => (
              <dd key={line}>{line}</dd>
            ))}
          </div>
        ))}
      </dl>
    </section>
  );
};
