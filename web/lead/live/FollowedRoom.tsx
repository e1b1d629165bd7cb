import type { LiveBreak, LiveState } from '@kotabi/core/model';
import type { ReactNode } from 'react';
import styles from '../lead.module.css';
import { Room } from '../Room';
import { useAwake } from '../useAwake';
import { useFollowed } from './useFollowed';

interface Props {
  what: LiveBreak | null;
  state: LiveState | null;
  /** How far the clock in what is told is ahead of this page's, ms. */
  offsetMs: number;
  /** What is said while there is nothing to show yet. */
  waiting: string;
  foot?: ReactNode;
  /** Shows the easier version large, as this screen's own choice. */
  easier?: boolean;
}

/** The room as it is shown on a screen that only follows. */
export const FollowedRoom = ({ what, state, offsetMs, waiting, foot, easier = false }: Props) => {
  const { made, store } = useFollowed(what, state, offsetMs);
  useAwake(state?.led.status === 'running');
  if (!what || !made) return <p className={styles.waiting}>{waiting}</p>;
  if (!state || state.led.status === 'ready')
    return (
      <main className={styles.after}>
        <h1 className={styles.bigTitle}>{what.brk.name}</h1>
        <p className={styles.sub}>It begins in a moment. Sit tall, feet flat on the floor.</p>
        {foot}
      </main>
    );
  const steps = easier ? withEasier(made.steps, what, made.lookup) : made.steps;
  return (
    <Room
      timeline={made.timeline}
      steps={steps}
      lookup={made.lookup}
      counting={what.approach.counting}
      choices={easier ? [] : what.choices}
      store={store}
      mirror={state.mirror}
      note={state.note}
      foot={foot}
    />
  );
};

/** The steps as whoever chose the easier version does them. */
const withEasier = (
  steps: ReturnType<typeof useFollowed>['made'] extends infer M
    ? M extends { steps: infer S }
      ? S
      : never
    : never,
  what: LiveBreak,
  lookup: (id: string) => LiveBreak['moves'][number] | undefined,
): typeof steps =>
  new Map(
    [...steps].map(([id, at]) => {
      const easier = what.choices.find((c) => c.stepId === id)?.easier;
      const move = easier && lookup(easier.moveId);
      if (!easier || !move) return [id, at];
      return [
        id,
        {
          ...at,
          move,
          position: easier.position ?? at.position,
          step: { ...at.step, moveId: move.id, rung: easier.rung },
        },
      ];
    }),
  );
