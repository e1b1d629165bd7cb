import { goingBreath } from '@kotabi/core/approach';
import { placeWord, resolveCue } from '@kotabi/core/cues';
import { type JointAction, motionActions } from '@kotabi/core/figure';
import type { Move, MoveLookup, Side } from '@kotabi/core/model';
import { shownMotion } from '@kotabi/core/pictures';
import { usualDose } from '@kotabi/core/timing';
import { Fragment } from 'react';
import { Link } from 'react-router';
import { useMoves } from '../../api/queries';
import { Tinted } from '../../words/Tinted';
import styles from './move.module.css';

const SPACE: Record<Move['space'], string> = {
  'own chair': 'no more than the chair',
  'arms out': 'an arm’s length to each side',
  'leg ahead': 'a leg’s length ahead',
  'a step about': 'a step round the chair',
  floor: 'the length of a mat',
};

const action = ({ side, joint, action: what, amount, unit }: JointAction): string =>
  `${side ? `${side} ` : ''}${joint.toLowerCase()}: ${what} ${amount}${unit === 'deg' ? '°' : ' cm'}`;

/** Both sides in one line when they do the same. */
const actionLines = (actions: readonly JointAction[]): string[] => {
  const pairs = actions.filter((a) => a.side === 'left');
  const same = (a: JointAction): boolean =>
    actions.some(
      (b) =>
        b.side === 'right' &&
        b.joint === a.joint &&
        b.action === a.action &&
        Math.abs(b.amount - a.amount) <= 5,
    );
  const doubled = new Set(pairs.filter(same).map((a) => `${a.joint}|${a.action}`));
  return actions.flatMap((a) => {
    if (a.side === null || !doubled.has(`${a.joint}|${a.action}`)) return [action(a)];
    return a.side === 'left' ? [action({ ...a, side: null }).replace(/^(\w)/, 'both sides, $1')] : [];
  });
};

const way = (move: Move, side: Side): string => {
  if (move.ways.pattern === 'together') return '';
  const moves = resolveCue(move.ways.moves ?? '', { side });
  const other = side === 'left' ? 'right' : 'left';
  const felt = { same: `felt on the ${side}`, opposite: `felt on the ${other}`, both: 'felt on both sides' };
  return `${moves}; ${felt[move.ways.felt]}`;
};

/** What a move does to the muscles it is for. */
const DOES: Partial<Record<Move['kind'], string>> = {
  stretch: 'Stretches',
  activate: 'Works',
  massage: 'Loosens',
};

/** What a move is, in facts: muscles, joints, dose, breath, seat, things. */
export const MoveFacts = ({ move, rung, lookup }: { move: Move; rung?: string; lookup: MoveLookup }) => {
  const { approach } = useMoves();
  const { dose, ways } = move;
  const unit = { seconds: 's', breaths: 'breaths', reps: 'times' }[dose.usual.measure];
  const going = goingBreath(move, approach);
  const actions = actionLines(motionActions(shownMotion(move, rung)));
  const tempo =
    dose.usual.measure === 'reps'
      ? dose.usual.repSec === 'breath'
        ? 'one breath each'
        : `${dose.usual.repSec} s each`
      : 'held';
  const facts: [string, React.ReactNode][] = [
    ['For', `${move.areas.join(', ')} · ${move.kind}`],
    [DOES[move.kind] ?? 'Moves', move.muscles.join(', ') || 'the breath'],
    ['Steady', move.holding.join(', ') || 'nothing in particular'],
    ['Dose', `${usualDose(move)} · from ${dose.least} to ${dose.most} ${unit} · ${tempo}`],
    [
      'Breath',
      going
        ? `${going === 'in' ? 'in' : 'out'} on the way out, ${going === 'in' ? 'out' : 'in'} on the way back`
        : 'free',
    ],
    ['Seat', [placeWord(move.position), ...move.alsoIn.map((p) => `or ${placeWord(p)}`)].join(', ')],
    [
      'Needs',
      `${move.things.filter((t) => t !== 'chair').join(', ') || 'only the chair'} · room: ${SPACE[move.space]}`,
    ],
    [
      'Seen',
      move.discreet.camera
        ? 'unnoticed on a call and on camera'
        : move.discreet.call
          ? 'quiet enough for a call, seen on camera'
          : 'clearly a stretch',
    ],
  ];
  return (
    <>
      {ways.pattern !== 'together' && (
        <div className={styles.ways}>
          {(['left', 'right'] as const).map((side) => (
            <p key={side} className={side === 'left' ? styles.wayLeft : styles.wayRight}>
              <Tinted text={way(move, side)} />
            </p>
          ))}
        </div>
      )}
      {ways.directions && (
        <p>
          Two directions that owe each other the same: <b>{ways.directions[0]}</b> and{' '}
          <b>{ways.directions[1]}</b>.
        </p>
      )}
      <dl className={styles.facts}>
        {facts.map(([name, value]) => (
          <Fragment key={name}>
            <dt>{name}</dt>
            <dd>{value}</dd>
          </Fragment>
        ))}
        {actions.length > 0 && (
          <>
            <dt>Joints</dt>
            <dd>
              {actions.slice(0, 7).map((a) => (
                <div key={a}>
                  <Tinted text={a} />
                </div>
              ))}
            </dd>
          </>
        )}
        {move.balancedBy.length > 0 && (
          <>
            <dt>Balanced by</dt>
            <dd>
              {move.balancedBy.map((id, i) => (
                <span key={id}>
                  {i > 0 && ', '}
                  <Link to={`/moves/${id}`}>{lookup(id)?.name ?? 'a move that is gone'}</Link>
                </span>
              ))}
            </dd>
          </>
        )}
      </dl>
    </>
  );
};
