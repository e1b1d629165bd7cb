import { Search } from 'lucide-react';
import { memo, Suspense, useState } from 'react';
import { later } from '../../later/later';
import type { AddProps } from './AddList';
import styles from './add.module.css';

const AddList = later(async () => (await import('./AddList')).default);

/**
 * The library beside the sheet: type and press Enter, press one, or drag it to its place. The field is there at once,
 * so that what is typed early is not taken for commands of the sheet; what Enter asks for is added in its order.
 */
export const AddPanel = memo((props: AddProps) => {
  const [text, setText] = useState('');
  const [asked, setAsked] = useState<readonly string[]>([]);
  return (
    <section className={`card ${styles.add}`} aria-label="Add a move">
      <h2>Add a move</h2>
      <span className={styles.find}>
        <Search size={15} aria-hidden="true" />
        <input
          id="find-move"
          type="search"
          aria-label="Find a move"
          placeholder="neck, wrist …"
          value={text}
          onChange={(e) => setText(e.target.value)}
          onKeyDown={(e) => {
            if (e.key === 'Escape') e.currentTarget.blur();
            if (e.key !== 'Enter') return;
            setAsked([...asked, text]);
            setText('');
          }}
        />
      </span>
      <Suspense fallback={null}>
        <AddList
          {...props}
          text={text}
          asked={asked}
          answered={(left) => {
            setAsked([]);
            setText((typed) => typed || left);
          }}
        />
      </Suspense>
    </section>
  );
});
AddPanel.displayName = 'AddPanel';
