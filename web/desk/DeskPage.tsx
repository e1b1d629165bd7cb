import type { DeskBreak, DeskItem, DeskView } from '@kotabi/core/model';
import { lazy, Suspense, useEffect, useState } from 'react';
import { useTitle } from '../shell/useTitle';
import { Cautions } from './Cautions';
import styles from './desk.module.css';
import { NextBreak } from './NextBreak';
import { TensionField } from './TensionField';
import { useDesk } from './useDesk';
import { useReminder } from './useReminder';
import { dayText, say, timeText } from './words/words';

const DeskPlayer = lazy(() => import('./DeskPlayer').then((m) => ({ default: m.DeskPlayer })));

const READ = 'kotabi.desk.cautions';
const TELLS = ['did it', 'part of it', 'not today'] as const;

/** The date on the wall of the office. */
const todayIn = (timeZone: string): string =>
  new Intl.DateTimeFormat('en-CA', { timeZone }).format(new Date());

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
    <main className={styles.page}>
      <p className={styles.who}>{[view.name, view.groupName].filter(Boolean).join(' · ')}</p>
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
      <NextBreak view={view} begin={begin} remind={reminder.remind} />
      {reminder.note && (
        <p className={styles.small} role="status">
          {reminder.note}
        </p>
      )}
      <Days view={view} begin={begin} tell={(item, how) => void tell(item, null, { answer: how })} />
      {view.name !== '' && <TensionField value={tension} set={setTension} />}
      <p className={styles.small} role="status">
        {said}
      </p>
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
    </main>
  );
};

const Days = ({
  view,
  begin,
  tell,
}: {
  view: DeskView;
  begin: (brk: DeskBreak, item: DeskItem) => void;
  tell: (item: DeskItem, answer: (typeof TELLS)[number]) => void;
}) => {
  const today = todayIn(view.timeZone);
  const dates = [...new Set(view.items.map((i) => i.date))].filter((d) => d >= today).sort();
  const answerOf = (item: DeskItem): string | undefined =>
    view.answers.find((a) => a.id === item.answerId)?.answer;
  return (
    <>
      {dates.slice(0, 7).map((date) => (
        <section key={date} aria-label={date === today ? say('today') : dayText(date)}>
          <h2>{date === today ? say('today') : dayText(date)}</h2>
          <ul className={styles.items}>
            {view.items
              .filter((i) => i.date === date)
              .map((item) => {
                const brk = view.breaks.find((b) => b.brk.id === item.breakId);
                const time = timeText(item.startsAt, view.timeZone);
                const answered = answerOf(item);
                const past = Date.parse(item.startsAt) <= Date.now();
                return (
                  <li key={item.plannedId}>
                    <b className={styles.time}>{time}</b>
                    {brk ? (
                      <button
                        type="button"
                        className={styles.link}
                        aria-label={say('beginNamed', { name: item.name })}
                        onClick={() => begin(brk, item)}
                      >
                        {item.name}
                      </button>
                    ) : (
                      <span>{item.name}</span>
                    )}
                    {date === today && past && view.name !== '' && (
                      <span className={styles.tells}>
                        {TELLS.map((t) => (
                          <button
                            key={t}
                            type="button"
                            className={styles.tell}
                            aria-pressed={answered === t}
                            aria-label={say('answerFor', { answer: say(t), name: item.name, time })}
                            onClick={() => tell(item, t)}
                          >
                            {say(t)}
                          </button>
                        ))}
                      </span>
                    )}
                    {!(date === today && past) && answered && (
                      <span className={styles.small}>{answered}</span>
                    )}
                  </li>
                );
              })}
          </ul>
        </section>
      ))}
    </>
  );
};
