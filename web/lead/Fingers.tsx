import { middleOf } from '@kotabi/core/record';
import { useState } from 'react';
import controls from './controls.module.css';
import styles from './lead.module.css';

interface Props {
  value: readonly number[];
  /** The numbers that were shown, and the one in the middle; null where there are none. */
  set: (fingers: number[], middle: number | null) => void;
}

/** A round of fingers: everyone shows a number, they are typed one after the other. */
export const Fingers = ({ value, set }: Props) => {
  const [text, setText] = useState(value.join(' '));
  const typed = text.match(/\d+/g)?.map(Number) ?? [];
  const wrong = typed.find((n) => n > 10);
  const take = (next: string): void => {
    setText(next);
    const all = next.match(/\d+/g)?.map(Number) ?? [];
    if (all.every((n) => n <= 10)) set(all, middleOf(all));
  };
  return (
    <div className={styles.fingers}>
      <label htmlFor="fingers">or a round of fingers</label>
      <input
        id="fingers"
        className={controls.number}
        inputMode="numeric"
        placeholder="3 5 2 7"
        value={text}
        aria-invalid={wrong !== undefined}
        onChange={(e) => take(e.target.value)}
      />
      <span className={styles.dim} role="status">
        {wrong !== undefined
          ? `A number must be at most 10; ${wrong} was typed.`
          : typed.length > 0
            ? `${typed.length} shown, the middle one is ${middleOf(typed)}`
            : '0 to 10, one number for each'}
      </span>
    </div>
  );
};
