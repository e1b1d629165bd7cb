import { Limit, type Move, type MoveLookup, type RoomLimit } from '@kotabi/core/model';
import { type Answer, answerFor, answerText, reasonText } from '@kotabi/core/needs';
import { Fragment } from 'react';
import styles from './move.module.css';

const ROOM: RoomLimit[] = ['castors', 'chair arms', 'high back', 'little room'];
const EVERYTHING = [
  'desk',
  'chair',
  'strap',
  'ball',
  'towel',
  'cushion',
  'mat',
  'roll',
  'wall',
  'footrest',
] as const;

/** Which limits a move touches, and what to do instead: the same rules that answer for people. */
export const MoveLimits = ({ move, rung, lookup }: { move: Move; rung?: string; lookup: MoveLookup }) => {
  const room = (limits: RoomLimit[]) => ({ limits, things: [...EVERYTHING] });
  const rows: [string, Answer][] = [
    ...Limit.options.map((limit): [string, Answer] => [
      limit,
      answerFor({ move, rung }, { limits: [{ limit }] }, room([]), lookup),
    ]),
    ...ROOM.map((limit): [string, Answer] => [
      limit === 'castors' ? 'chair on castors' : limit,
      answerFor({ move, rung }, { limits: [] }, room([limit]), lookup),
    ]),
  ];
  const touched = rows.filter(([, a]) => a.verdict !== 'fine' || a.care.length > 0);
  return (
    <section aria-label="Limits it touches">
      <h2>Limits it touches</h2>
      {touched.length === 0 ? (
        <p className="muted">None of the usual ones.</p>
      ) : (
        <dl className={styles.limits}>
          {touched.map(([name, answer]) => (
            <Fragment key={name}>
              <dt>{name}</dt>
              <dd>
                <b>{answerText(answer, lookup)}</b>{' '}
                <span className="muted">
                  {reasonText(answer.verdict === 'fine' ? answer.care : answer.reasons)}
                </span>
              </dd>
            </Fragment>
          ))}
        </dl>
      )}
      <p className="muted small">
        Common practice, no source; never a diagnosis. When in doubt: a doctor or physiotherapist first.
      </p>
    </section>
  );
};
