import type { DeskBreak, DeskItem, DeskView } from '@kotabi/core/model';
import styles from './desk.module.css';
import { dayText, say, timeText } from './words/words';

const TELLS = ['did it', 'part of it', 'not today'] as const;

/** The date on the wall of the office. */
const todayIn = (timeZone: string): string =>
  new Intl.DateTimeFormat('en-CA', { timeZone }).format(new Date());

/** The breaks of the days to come, and whether those of today were done. */
export const Days = ({
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
                    {brk && date === today && past && view.name !== '' && (
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
