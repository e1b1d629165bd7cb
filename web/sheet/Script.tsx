import type { Part, PlacedStep, Timeline } from '@kotabi/core/timing';
import { stepDose } from '@kotabi/core/timing';
import { useEffect, useRef } from 'react';
import { Tinted } from '../words/Tinted';
import { minSec } from '../words/time';
import styles from './script.module.css';

interface Props {
  steps: readonly PlacedStep[];
  timeline: Timeline;
  /** The steps that are chosen; the last of them is brought into view. */
  selected?: readonly string[];
  onSelect?: (stepId: string) => void;
}

/** One stay at a step: of a series each link comes once on each side. */
interface Stay {
  key: number;
  at: PlacedStep;
  parts: Part[];
}

/** The break as a run of stays, in the order in which it is led. */
const staysOf = (steps: readonly PlacedStep[], { parts }: Timeline): Stay[] => {
  const byId = new Map(steps.map((at) => [at.step.id, at]));
  const stays: Stay[] = [];
  for (const part of parts) {
    const at = byId.get(part.stepId);
    if (!at) continue;
    const last = stays.at(-1);
    if (last && last.at === at) last.parts.push(part);
    else stays.push({ key: part.index, at, parts: [part] });
  }
  return stays;
};

/** What is said in a part, without the single counts, which are said by whoever counts. */
const saidIn = (part: Part) => part.lines.filter((line) => line.role !== 'count');

const sideClass = (part: Part): string | undefined =>
  part.side === 'left' ? styles.left : part.side === 'right' ? styles.right : undefined;

/** All that is said, in the flow of the break: what comes when, on which side, with the dose under it the first time. */
export const Script = ({ steps, timeline, selected = [], onSelect }: Props) => {
  const list = useRef<HTMLOListElement>(null);
  const shown = selected.at(-1);
  useEffect(() => {
    if (!shown) return;
    list.current?.querySelector(`[data-step="${CSS.escape(shown)}"]`)?.scrollIntoView({ block: 'nearest' });
  }, [shown]);
  return (
    <ol ref={list} className={styles.script}>
      {staysOf(steps, timeline).map(({ key, at, parts }) => {
        const first = parts[0] as Part;
        const name = (
          <>
            <span className={styles.time}>{minSec(first.startMs)}</span>
            <b>{at.move.name}</b>
            <span className={styles.dose}>{first.pass === 1 ? `now ${first.way}` : stepDose(at)}</span>
          </>
        );
        return (
          <li
            key={key}
            data-step={at.step.id}
            aria-current={selected.includes(at.step.id) ? 'true' : undefined}
            className={selected.includes(at.step.id) ? styles.chosen : undefined}
          >
            {onSelect ? (
              <button type="button" className={styles.head} onClick={() => onSelect(at.step.id)}>
                {name}
              </button>
            ) : (
              <div className={styles.head}>{name}</div>
            )}
            {parts.flatMap((part) =>
              saidIn(part).map((line) => (
                <p key={`${part.index} ${line.atMs} ${line.role}`} className={sideClass(part)}>
                  <Tinted text={line.text} />
                </p>
              )),
            )}
          </li>
        );
      })}
    </ol>
  );
};
