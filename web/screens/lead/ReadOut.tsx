import { type Break, roomLimits } from '@kotabi/core/model';
import { needsTable } from '@kotabi/core/needs';
import { useGroups, useMoves, usePeople } from '../../api/queries';
import { readOut } from '../../words/needs';
import styles from './lead.module.css';

/** What to say before the start to those who need something else, without their names. */
export const ReadOut = ({ brk, groupId }: { brk: Break; groupId: string }) => {
  const group = useGroups().data?.find((g) => g.value.id === groupId)?.value;
  const people = usePeople(groupId);
  const { lookup } = useMoves();
  if (!group || !people.data) return null;
  const room = { limits: roomLimits(group), things: group.things };
  const persons = people.data.map((p) => p.value);
  const said = readOut(needsTable(brk, persons, room, lookup), lookup);
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
