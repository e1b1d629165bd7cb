import { timed } from '@kotabi/core/timing';
import { useEffect, useMemo, useState } from 'react';
import { messageOf } from '../api/client';
import { Button } from './Button';
import { Leading } from './Leading';
import styles from './lead.module.css';
import { type LeadData, loadLead } from './load';
import type { LeadPlace } from './place';

const Message = ({ title, text, again }: { title: string; text: string; again?: () => void }) => (
  <main className={styles.after}>
    <h1 className={styles.bigTitle}>{title}</h1>
    <p className={styles.sub}>{text}</p>
    <div className="bar">
      {again && (
        <Button main onClick={again}>
          Try again
        </Button>
      )}
      <Button onClick={() => location.assign('/breaks')}>To the breaks</Button>
    </div>
  </main>
);

/** Opens a break to be led. What is led is the break as it is now; later edits do not reach a running one. */
export const LeadPage = ({ place }: { place: LeadPlace }) => {
  const [data, setData] = useState<LeadData | null>(null);
  const [problem, setProblem] = useState<unknown>(null);
  const [attempt, setAttempt] = useState(0);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another attempt loads again
  useEffect(() => {
    setProblem(null);
    loadLead(place).then(setData, setProblem);
  }, [place, attempt]);
  const t = useMemo(() => data && timed(data.brk, data.shelf.lookup, data.approach), [data]);
  const page = () => {
    if (problem)
      return (
        <Message
          title="This could not be opened"
          text={messageOf(problem)}
          again={() => setAttempt(attempt + 1)}
        />
      );
    if (!data || !t) return <p className={styles.waiting}>One moment …</p>;
    if (!t.ok || t.timeline.parts.length === 0)
      return (
        <Message
          title="This break cannot be led yet"
          text={t.ok ? 'It has no steps.' : 'It uses a move that is not in your library.'}
        />
      );
    return <Leading data={data} timed={t} />;
  };
  return <div className={styles.dark}>{page()}</div>;
};
