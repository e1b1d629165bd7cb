import { countWords } from '@kotabi/core/cues';
import type { Line, LineRole, Part } from '@kotabi/core/timing';
import { ROLE_WORDS } from '../../../words/roles';
import { Tinted } from '../../../words/Tinted';
import { seconds } from '../../../words/time';
import styles from './inspector.module.css';

const { go, feel, check, breathe, last, back } = ROLE_WORDS;
/** What is spoken while something is done. */
const NAMES: Partial<Record<LineRole, string>> = { go, feel, check, breathe, count: 'Count', last, back };

const count = (text: string): string => {
  const n = countWords(text);
  return `${n} word${n === 1 ? '' : 's'}`;
};

/** What is spoken while something is done, each text once, with what found no time. */
const during = (parts: readonly Part[]) => {
  const seen = new Map<string, { role: LineRole; texts: Map<string, { line: Line; said: boolean }> }>();
  const add = (line: Line, said: boolean): void => {
    if (!NAMES[line.role]) return;
    const entry = seen.get(line.role) ?? { role: line.role, texts: new Map() };
    seen.set(line.role, entry);
    if (said || !entry.texts.has(line.text)) entry.texts.set(line.text, { line, said });
  };
  for (const part of parts) {
    for (const line of part.lines) add(line, true);
    for (const line of part.dropped) add(line, false);
  }
  return [...seen.values()];
};

/** All that is spoken in a step: before each side and direction, then while it is done. */
export const Words = ({ parts }: { parts: readonly Part[] }) => {
  const opens = parts.flatMap((p) =>
    p.kind === 'work' || p.kind === 'return' ? [] : [...p.lines, ...p.dropped].map((line) => ({ p, line })),
  );
  return (
    <div className={styles.words}>
      <h3>Say</h3>
      {opens.map(({ p, line }) => (
        <p
          key={p.index}
          className={p.side === 'left' ? styles.sayLeft : p.side === 'right' ? styles.sayRight : styles.say}
        >
          <Tinted text={line.text} />{' '}
          <span className={styles.meta}>
            {count(line.text)} · {seconds(p.lengthMs)}
          </span>
        </p>
      ))}
      <dl className={styles.during}>
        {during(parts).map(({ role, texts }) => (
          <div key={role}>
            <dt>{NAMES[role]}</dt>
            {role === 'count' ? (
              <dd>{[...texts.keys()].join(', ')}</dd>
            ) : (
              [...texts.values()].map(({ line, said }) => (
                <dd key={line.text}>
                  <Tinted text={line.text} />{' '}
                  <span className={styles.meta}>{said ? seconds(line.lengthMs) : 'no time to say it'}</span>
                </dd>
              ))
            )}
          </div>
        ))}
      </dl>
    </div>
  );
};
