import { cueContext } from '@kotabi/core/approach';
import { countWords, cuesOf, resolveCue, wayName } from '@kotabi/core/cues';
import { isTwoWay, type Move, type Side, usualVariant } from '@kotabi/core/model';
import { Fragment } from 'react';
import { useMoves } from '../../api/queries';
import { ROLE_WORDS } from '../../words/roles';
import { Tinted } from '../../words/Tinted';
import styles from './move.module.css';

/** The words of a move as they are said for each way, first and second. */
export const MoveWords = ({ move, rung }: { move: Move; rung?: string }) => {
  const { approach } = useMoves();
  const two = isTwoWay(move);
  const cues = cuesOf(usualVariant(move, rung));
  const [first = null, second = null] = move.ways.directions ?? [];
  const speak = (cue: string | undefined, side: Side | null, direction: string | null): string =>
    cue ? resolveCue(cue, cueContext(move, approach, { side, direction })) : '';
  const lines = (side: Side | null): [keyof typeof ROLE_WORDS, string][] =>
    (
      [
        ['say', speak(cues.say, side, first)],
        ['again', two ? speak(cues.again, side, first) : ''],
        ['turn', speak(cues.turn, side, second)],
        ['go', speak(cues.go, side, first)],
        ['feel', speak(cues.feel, side, first)],
        ['check', speak(cues.check, side, first)],
        ['breathe', speak(cues.breathe, side, first)],
        ['last', speak(cues.last, side, first)],
        ['back', speak(cues.back, side, first)],
      ] as [keyof typeof ROLE_WORDS, string][]
    ).filter(([, text]) => text !== '');
  const block = (side: Side | null) => (
    <dl className={styles.words}>
      {lines(side).map(([role, text]) => (
        <Fragment key={role}>
          <dt>{ROLE_WORDS[role]}</dt>
          <dd>
            <Tinted text={text} />{' '}
            {role === 'say' && <span className="muted small">{countWords(text)} words</span>}
          </dd>
        </Fragment>
      ))}
    </dl>
  );
  return (
    <section aria-label="Words">
      <h2>Words</h2>
      {two ? (
        <div className={styles.twoWays}>
          {(['left', 'right'] as const).map((side) => (
            <div key={side} className={side === 'left' ? styles.sayLeft : styles.sayRight}>
              <h3 className={side}>{wayName(move, side)}</h3>
              {block(side)}
            </div>
          ))}
        </div>
      ) : (
        <div className={styles.sayBoth}>{block(null)}</div>
      )}
    </section>
  );
};
