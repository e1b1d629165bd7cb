import type { OneBreak } from '@kotabi/core/model';
import { compileTimeline, placedSteps, resolveBreak, stepDose } from '@kotabi/core/timing';
import { useMemo, useState } from 'react';
import { Cautions } from '../desk/Cautions';
import { DeskPlayer } from '../desk/DeskPlayer';
import desk from '../desk/desk.module.css';
import { say, sayFollowed } from '../desk/words/words';
import { Figure } from '../figure/Figure';
import { useTitle } from '../shell/useTitle';
import styles from './one.module.css';

/** One break by itself: what to watch for, what comes, and the player. */
export const OnePage = ({ one }: { one: OneBreak }) => {
  const [state, setState] = useState<'before' | 'cautions' | 'doing'>('before');
  const [read, setRead] = useState(false);
  const { brk } = one.brk;
  useTitle(brk.name);
  const made = useMemo(() => {
    const moves = new Map(one.moves.map((m) => [m.id, m]));
    const resolved = resolveBreak(brk, (id) => moves.get(id), one.approach);
    return resolved.ok
      ? { steps: placedSteps(resolved.value), totalMs: compileTimeline(resolved.value).totals.totalMs }
      : null;
  }, [one, brk]);
  if (state === 'doing')
    return (
      <DeskPlayer
        view={one}
        brk={one.brk}
        answers={false}
        tell={async () => {}}
        leave={() => setState('before')}
      />
    );
  return (
    <main className={desk.page}>
      <h1>{brk.name}</h1>
      {made && (
        <p className={desk.small}>
          {say('about', { count: Math.max(1, Math.round(made.totalMs / 60_000)) })}
        </p>
      )}
      {state === 'cautions' && (
        <Cautions
          done={() => {
            setState(read ? 'before' : 'doing');
            setRead(true);
          }}
        />
      )}
      {!made && <p>{say('sayNothing')}</p>}
      {made && state === 'before' && (
        <div className={desk.buttons}>
          <button type="button" className={desk.main} onClick={() => setState(read ? 'doing' : 'cautions')}>
            {say('begin')}
          </button>
        </div>
      )}
      <section aria-label={say('steps')}>
        <h2>{say('steps')}</h2>
        <ol className={styles.steps}>
          {made?.steps.map((placed) => (
            <li key={placed.step.id}>
              {placed.move.onlyWords ? (
                <span className={styles.empty} />
              ) : (
                <Figure
                  move={placed.move}
                  rung={placed.step.rung}
                  position={placed.position}
                  width={84}
                  plain
                />
              )}
              <span>
                <b>{placed.move.name}</b>
                <span className={desk.small}>{stepDose(placed, sayFollowed)}</span>
              </span>
            </li>
          ))}
        </ol>
      </section>
      {read && state === 'before' && (
        <button type="button" className={desk.link} onClick={() => setState('cautions')}>
          {say('showCautions')}
        </button>
      )}
      <p className={desk.small}>{say('byItself')}</p>
    </main>
  );
};
