import type { Person, Session } from '@kotabi/core/model';
import controls from './controls.module.css';
import styles from './lead.module.css';

interface Props {
  people: readonly Person[];
  came: Session['came'];
  set: (came: Session['came']) => void;
}

/** Who is there, by name where that is wished, or how many. */
export const WhoCame = ({ people, came, set }: Props) => {
  const toggle = (id: string): void => {
    const next = came.people.includes(id) ? came.people.filter((p) => p !== id) : [...came.people, id];
    set({
      people: next,
      count: Math.max(next.length, came.people.length === came.count ? 0 : (came.count ?? 0)),
    });
  };
  return (
    <>
      <label htmlFor="came">How many are there</label>
      <input
        id="came"
        className={controls.number}
        type="number"
        min={came.people.length}
        max={5000}
        placeholder="–"
        value={came.count ?? ''}
        onChange={(e) => {
          const count = e.target.value === '' ? null : Number(e.target.value);
          if (count === null || (Number.isInteger(count) && count >= 0 && count <= 5000))
            set({ ...came, count });
        }}
      />
      {people.length > 0 && (
        <details className={styles.names}>
          <summary>{came.people.length > 0 ? `${came.people.length} by name` : 'by name'}</summary>
          <div role="group" aria-label="Who is there">
            {people.map((p) => (
              <button
                key={p.id}
                type="button"
                className={controls.chip}
                aria-pressed={came.people.includes(p.id)}
                onClick={() => toggle(p.id)}
              >
                {p.name}
              </button>
            ))}
          </div>
        </details>
      )}
    </>
  );
};
