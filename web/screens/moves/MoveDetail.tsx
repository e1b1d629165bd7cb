import { resolveCue } from '@kotabi/core/cues';
import { isTwoWay, type Move, type Side } from '@kotabi/core/model';
import { Figure } from '../../figure/Figure';
import { doseShort, wayName } from '../../words/dose';
import { Tinted } from '../break/inspector/Tinted';
import styles from './moves.module.css';

const FELT = { same: 'on the same side', opposite: 'on the other side', both: 'on both sides' } as const;

const Cues = ({ move, side }: { move: Move; side: Side | null }) => {
  const [direction] = move.ways.directions ?? [null];
  const of = (cue: string): string => resolveCue(cue, { side, direction });
  return (
    <dl className={styles.cues}>
      <dt>Say</dt>
      <dd>
        <Tinted text={of(move.cues.say)} />
      </dd>
      <dt>Feel</dt>
      <dd>
        <Tinted text={of(move.cues.feel)} />
      </dd>
      <dt>Check</dt>
      <dd>
        <Tinted text={of(move.cues.check)} />
      </dd>
    </dl>
  );
};

/** Everything there is to know of one move. */
export const MoveDetail = ({ move }: { move: Move }) => {
  const two = isTwoWay(move);
  const { dose } = move;
  const unit = { seconds: 's', breaths: 'breaths', reps: 'times' }[dose.usual.measure];
  return (
    // Takes the focus, so that it can be scrolled by keyboard.
    // biome-ignore lint/a11y/noNoninteractiveTabindex: likewise
    <section className={styles.detail} tabIndex={0} aria-label={move.name}>
      <p>{move.purpose}</p>
      <div className={styles.figures}>
        <Figure move={move} width={190} side="left" />
        {two && <Figure move={move} width={190} side="right" />}
      </div>
      <dl className={styles.facts}>
        <dt>Kind</dt>
        <dd>
          {move.kind}, {move.areas.join(', ')}
        </dd>
        <dt>Muscles</dt>
        <dd>{move.muscles.join(', ') || '–'}</dd>
        <dt>Dose</dt>
        <dd>
          {doseShort(dose.usual)}
          {two ? ' each' : ''} · from {dose.least} to {dose.most} {unit}
        </dd>
        <dt>Ways</dt>
        <dd>
          {move.ways.pattern === 'together'
            ? 'both sides together'
            : `two: ${wayName(move, 'left')}, ${wayName(move, 'right')}; felt ${FELT[move.ways.felt]}`}
          {move.ways.directions && ` · directions: ${move.ways.directions.join(', ')}`}
        </dd>
        <dt>Seat</dt>
        <dd>
          {
            {
              back: 'sitting back',
              edge: 'front edge of the seat',
              standing: 'standing',
              floor: 'on the floor',
            }[move.position]
          }
          {move.things.length > 0 && ` · needs ${move.things.join(', ')}`}
        </dd>
      </dl>
      {two ? (
        (['left', 'right'] as const).map((side) => (
          <section key={side} className={side === 'left' ? styles.wayLeft : styles.wayRight}>
            <h3 className={side}>{wayName(move, side)}</h3>
            <Cues move={move} side={side} />
          </section>
        ))
      ) : (
        <section className={styles.way}>
          <Cues move={move} side={null} />
        </section>
      )}
      {move.cautions.length > 0 && (
        <section className={styles.care}>
          <h3>Take care</h3>
          {move.cautions.map((c) => (
            <p key={c}>{c}</p>
          ))}
        </section>
      )}
      <p className="muted small">
        Doses and cautions: common practice, no source. For everyday tension only; injury, recent surgery or a
        known condition: ask a doctor or physiotherapist first.
      </p>
    </section>
  );
};
