import type { DeskBreak, DeskItem, DeskView } from '@kotabi/core/model';
import { Figure } from '../figure/Figure';
import styles from './desk.module.css';
import { dayText, say, timeText } from './words/words';

/** What is next, large, with a picture of it; and something to do now where nothing is. */
export const NextBreak = ({
  view,
  named,
  begin,
  remind,
}: {
  view: DeskView;
  /** The break that a reminder led to: it stands in the first place then, also when it has begun. */
  named: DeskItem | undefined;
  begin: (brk: DeskBreak, item: DeskItem | null) => void;
  remind: (name: string) => void;
}) => {
  const now = Date.now();
  const today = new Intl.DateTimeFormat('en-CA', { timeZone: view.timeZone }).format(new Date());
  const next =
    named ??
    [...view.items]
      .filter((i) => Date.parse(i.startsAt) + i.lengthMin * 60_000 > now)
      .sort((a, b) => a.startsAt.localeCompare(b.startsAt))[0];
  const chosen = view.breaks.find((b) => b.brk.id === next?.breakId);
  // Where none was chosen, one of the week is at hand for it.
  const brk = chosen ?? view.breaks[0];
  const step = brk?.brk.items.flatMap((i) => (i.type === 'chain' ? i.links : [i])).at(2);
  const move = view.moves.find((m) => m.id === step?.moveId);
  const time = next ? timeText(next.startsAt, view.timeZone) : '';
  // How long the break itself takes; what the plan keeps free is told only where none was chosen for it.
  const minutes = next && !chosen ? next.lengthMin : (brk?.brk.slotSec ?? 60) / 60;
  return (
    <section aria-label={say('next')}>
      <h1>
        {next
          ? next.date === today
            ? say(named ? 'namedAt' : 'nextAt', { time })
            : say('nextOn', { day: dayText(next.date), time })
          : brk
            ? say('doNow')
            : say('nothing')}
      </h1>
      {(next || brk) && (
        <div className={styles.next}>
          {move && step && <Figure move={move} rung={step.rung} position={step.position} width={120} plain />}
          <div>
            <h2>{next?.name ?? brk?.brk.name}</h2>
            <p className={styles.small}>
              {say('about', { count: Math.max(1, Math.round(minutes)) })}
              {next?.led && ` · ${say('together')}`}
            </p>
            {brk?.own && <p className={styles.small}>{say('ownVersion')}</p>}
            {next && !chosen && (
              <p className={styles.small}>
                {say('sayNothing')} {brk && say('atHand', { name: brk.brk.name })}
              </p>
            )}
          </div>
          {brk && (
            <div className={styles.buttons}>
              <button type="button" className={styles.main} onClick={() => begin(brk, next ?? null)}>
                {say('begin')}
              </button>
              <button type="button" className={styles.quiet} onClick={() => remind(brk.brk.name)}>
                {say('remind')}
              </button>
            </div>
          )}
        </div>
      )}
    </section>
  );
};
