import { cuesOf } from '@kotabi/core/cues';
import { isOneByOne, type PlacedStep } from '@kotabi/core/timing';
import { Button, Input } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { type Change, freshNote } from '../useActions';
import styles from './inspector.module.css';

/** The set-up in the instructor's own words; `{side}` and `{other}` become left and right. */
export const OwnWords = ({ at, change }: { at: PlacedStep; change: Change }) => {
  const { step, move, variant } = at;
  const usual = cuesOf(variant, isOneByOne(at)).say;
  const field = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (freshNote.id !== step.id) return;
    freshNote.id = null;
    field.current?.querySelector('textarea')?.focus();
  }, [step.id]);
  // Emptied, it stays for what is typed instead, until it is left.
  const [typing, setTyping] = useState(false);
  const own = typing || step.words !== undefined || move.onlyWords;
  if (!own)
    return (
      <Button
        type="link"
        size="small"
        className={styles.quiet}
        onClick={() =>
          change('use own words', (s) => {
            s.words = usual;
          })
        }
      >
        Say it in your own words
      </Button>
    );
  return (
    <div className={styles.ownWords} ref={field}>
      <label htmlFor="own-words">Your own words</label>
      <Input.TextArea
        id="own-words"
        autoSize={{ minRows: 2, maxRows: 6 }}
        maxLength={600}
        placeholder={move.onlyWords ? usual : 'Left empty, the words of the move are said.'}
        value={step.words ?? ''}
        onFocus={() => setTyping(true)}
        onBlur={() => setTyping(false)}
        onChange={(e) => {
          const { value } = e.target;
          change(
            'change the words',
            (s) => {
              // An emptied field gives the move its own words back; a note keeps what it is for.
              if (value.trim() === '') delete s.words;
              else s.words = value.slice(0, 600);
            },
            'words',
          );
        }}
      />
      {move.ways.pattern !== 'together' && (
        <span className={styles.hint}>{'{side} and {other} become left and right.'}</span>
      )}
      {move.ways.directions && (
        <span
          className={styles.hint}
        >{`{direction} becomes “${move.ways.directions.join('”, then “')}”.`}</span>
      )}
    </div>
  );
};
