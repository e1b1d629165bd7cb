import type { DeskBreak, DeskItem } from '@kotabi/core/model';
import { Suspense, useEffect, useState } from 'react';
import { later } from '../later/later';
import { useTitle } from '../shell/useTitle';
import { Cautions } from './Cautions';
import { Days } from './Days';
import styles from './desk.module.css';
import { NextBreak } from './NextBreak';
import { RemindHere } from './RemindHere';
import { TensionField } from './TensionField';
import { useDesk } from './useDesk';
import { useReminder } from './useReminder';
import { dayText, say, timeText } from './words/words';

const DeskPlayer = later(async () => (await import('./DeskPlayer')).DeskPlayer);

const READ = 'kotabi.desk.cautions';

const plannedInAddress = (): string => decodeURIComponent(location.hash.slice(1));
/** The planned break that the address names behind its hash: where a reminder leads. */
const useWanted = (): string => {
  const [plannedId, setPlannedId] = useState(plannedInAddress);
  useEffect(() => {
    const look = (): void => setPlannedId(plannedInAddress());
    window.addEventListener('hashchange', look);
    return () => window.removeEventListener('hashchange', look);
  }, []);
  return plannedId;
};

/** The page of somebody, or of a whole group: what is next, the day, the week, and one question. No account, no reason why. */
export const DeskPage = ({ token }: { token: string }) => {
  const { state, ask, answer } = useDesk(token);
  const [doing, setDoing] = useState<{ brk: DeskBreak; item: DeskItem | null } | null>(null);
  const [asked, setAsked] = useState<{ brk: DeskBreak; item: DeskItem | null } | null>(null);
  const [reading, setReading] = useState(false);
  const [tension, setTension] = useState<number | null>(null);
  const [said, setSaid] = useState('');
  const reminder = useReminder();
  useTitle('Stretch breaks');
  const wanted = useWanted();
  const named = state.at === 'there' ? state.view.items.find((i) => i.plannedId === wanted) : undefined;
  useEffect(() => {
    // The player is there before it is needed, also without a connection.
    void import('./DeskPlayer').catch(() => {});
  }, []);
  if (state.at === 'loading') return <p className={styles.note}>{say('loading')}</p>;
  if (state.at === 'gone')
    return (
      <main className={styles.page}>
        <h1>{say(state.known ? 'gone' : 'unknown')}</h1>
        {state.known && <p>{say('goneText')}</p>}
      </main>
    );
  if (state.at === 'no copy')
    return (
      <main className={styles.page}>
        <h1>{say('noCopy')}</h1>
        <button type="button" className={styles.main} onClick={() => void ask()}>
          {say('again')}
        </button>
      </main>
    );
  const { view } = state;
  const begin = (brk: DeskBreak, item: DeskItem | null): void => {
    if (localStorage.getItem(READ)) setDoing({ brk, item });
    else setAsked({ brk, item });
  };
  const tell = async (item: DeskItem | null, brk: DeskBreak | null, more: object): Promise<void> => {
    // What was said of an earlier answer does not hold for this one yet.
    setSaid('');
    const arrived = await answer({
      plannedId: item?.plannedId ?? null,
      breakId: item?.breakId ?? brk?.brk.id ?? null,
      tensionBefore: tension,
      ...more,
    });
    setSaid(say(arrived ? 'answered' : 'answeredLater'));
  };
  if (doing)
    return (
      <Suspense fallback={<p className={styles.note}>{say('loading')}</p>}>
        <DeskPlayer
          view={view}
          brk={doing.brk}
          answers={view.name !== ''}
          tell={(more) => tell(doing.item, doing.brk, more)}
          leave={() => setDoing(null)}
        />
      </Suspense>
    );
  return (
    <main className={`${styles.page} ${styles.wide}`}>
      <p className={styles.who}>{[view.name, view.groupName].filter(Boolean).join(' · ')}</p>
      <div className={styles.first}>
        {(asked || reading) && (
          <Cautions
            done={() => {
              localStorage.setItem(READ, new Date().toISOString());
              setReading(false);
              if (asked) setDoing(asked);
              setAsked(null);
            }}
          />
        )}
        {view.live && (
          <section className={styles.live} aria-label={say('joinTitle')}>
            <h2>{say('joinTitle')}</h2>
            <a className={styles.main} href={`/join/${view.live}`}>
              {say('join')}
            </a>
          </section>
        )}
        <NextBreak view={view} named={named} begin={begin} remind={reminder.remind} />
        {reminder.note && (
          <p className={styles.small} role="status">
            {reminder.note}
          </p>
        )}
      </div>
      <div className={styles.days}>
        <Days view={view} begin={begin} tell={(item, how) => void tell(item, null, { answer: how })} />
      </div>
      <div className={styles.rest}>
        {view.name !== '' && <TensionField value={tension} set={setTension} />}
        <p className={styles.small} role="status">
          {said}
        </p>
        {view.name !== '' && <RemindHere token={token} offline={state.offline} />}
        {!reading && (
          <button type="button" className={styles.link} onClick={() => setReading(true)}>
            {say('showCautions')}
          </button>
        )}
        <p className={styles.small}>
          {state.offline
            ? say('offline', { time: timeText(state.asked) })
            : say('asOf', { time: `${dayText(view.madeAt.slice(0, 10))}, ${timeText(view.madeAt)}` })}
        </p>
      </div>
    </main>
  );
};
