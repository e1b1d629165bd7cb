import { type Move, type MoveLookup, roomLimits, type Step } from '@kotabi/core/model';
import { answerFor, answerText, reasonText } from '@kotabi/core/needs';
import { useGroups, usePeople } from '../../../api/queries';
import styles from './inspector.module.css';

interface Props {
  groupId: string;
  step: Step;
  move: Move;
  meanwhile: Move | undefined;
  lookup: MoveLookup;
}

/** Who of the group needs something else in this step. Silent when nobody does. */
export const StepNeeds = ({ groupId, step, move, meanwhile, lookup }: Props) => {
  const group = useGroups().data?.find((g) => g.value.id === groupId)?.value;
  const people = usePeople(groupId);
  if (!group || !people.data) return null;
  const room = { limits: roomLimits(group), things: group.things };
  const other = people.data
    .map(({ value }) => ({
      person: value,
      answer: answerFor(
        { move, rung: step.rung, position: step.position, dose: step.dose, meanwhile },
        value,
        room,
        lookup,
      ),
    }))
    .filter(({ answer }) => answer.verdict !== 'fine');
  if (other.length === 0) return null;
  return (
    <section className={styles.needs} aria-label="Who needs something else">
      <h3>Who needs something else</h3>
      {other.map(({ person, answer }) => (
        <p key={person.id} className="small">
          <b>{person.name}</b>: {answerText(answer, lookup)}{' '}
          <span className="muted">({reasonText(answer.reasons)})</span>
        </p>
      ))}
    </section>
  );
};
