import type { MessageState, Reply } from '@kotabi/core/model';
import { useQueryClient } from '@tanstack/react-query';
import { Button, Checkbox } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import { Link } from 'react-router';
import { messageOf, request } from '../../api/client';
import { type NamedMessage, useReminders } from '../../api/queries';
import { useMessages } from '../../shell/messages';
import { Empty, Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import styles from './outbox.module.css';

const SAYS: Record<MessageState, (m: NamedMessage) => string> = {
  waiting: (m) => `waits until ${dayjs(m.dueAt).format('HH:mm')}${m.times > 0 ? ', put off' : ''}`,
  sent: (m) =>
    `sent at ${dayjs(m.sentAt).format('HH:mm')}${m.times > 1 ? `, for the ${m.times}th time` : ''}`,
  answered: () => 'answered',
  'too late': () => 'too late, not sent',
  withdrawn: () => 'withdrawn: the break is not planned any more',
};

const SNOOZE_MIN = 10;
/** What never reached its reader. */
const UNSENT: readonly MessageState[] = ['too late', 'withdrawn'];

/** The outbox of the stand-in message channel: what each person was sent, with the answers they can give. */
export const OutboxScreen = () => {
  useTitle('Outbox');
  const messages = useReminders();
  const client = useQueryClient();
  const { message } = useMessages();
  const [busy, setBusy] = useState<string | null>(null);
  const [all, setAll] = useState(false);
  if (!messages.data) return <Waiting error={messages.error} retry={() => void messages.refetch()} />;
  const reply = async (m: NamedMessage, answer: Reply): Promise<void> => {
    setBusy(m.id);
    try {
      await request('POST', `/api/messages/${m.id}/reply`, answer);
    } catch (error) {
      message.error(messageOf(error));
    } finally {
      setBusy(null);
      await client.invalidateQueries({ queryKey: ['messages'] });
      await client.invalidateQueries({ queryKey: ['answers'] });
    }
  };
  const unsent = messages.data.filter((m) => UNSENT.includes(m.state));
  const shown = all ? messages.data : messages.data.filter((m) => !UNSENT.includes(m.state));
  return (
    <div className="page">
      <h1>Outbox</h1>
      <p className="muted">
        A stand-in for the channel that reminders go through: everything that was sent is here, and can be
        answered as its reader would. Answers land in the <Link to="/log">log</Link>.
      </p>
      {unsent.length > 0 && (
        <p>
          <Checkbox checked={all} onChange={(e) => setAll(e.target.checked)}>
            also show {unsent.length} that {unsent.length === 1 ? 'was' : 'were'} not sent: too late, or the
            break is not planned any more
          </Checkbox>
        </p>
      )}
      {shown.length === 0 ? (
        <Empty title="Nothing sent yet" action={<Link to="/week">Go to the week</Link>}>
          Reminders are sent a few minutes before each planned break of a group for which they are switched on
          (week, Give out).
        </Empty>
      ) : (
        <ul className={styles.list}>
          {shown.map((m) => (
            <li key={m.id} className={`card ${styles.message} ${m.state === 'sent' ? styles.open : ''}`}>
              <span className={styles.who}>
                <b>{m.personName}</b>
                <span className="muted small">{dayjs(m.startsAt).format('ddd D MMM')}</span>
              </span>
              <span>
                {m.breakName} at <b>{dayjs(m.startsAt).format('HH:mm')}</b>. Stand by for a short stretch.
                <span className={`muted small ${styles.state}`}>{SAYS[m.state](m)}</span>
              </span>
              {m.state === 'sent' && (
                <span className={styles.answers}>
                  <Button
                    size="small"
                    type="primary"
                    disabled={busy === m.id}
                    onClick={() => void reply(m, { answer: 'did it' })}
                  >
                    Did it
                  </Button>
                  <Button
                    size="small"
                    disabled={busy === m.id}
                    onClick={() => void reply(m, { answer: 'not today' })}
                  >
                    Not today
                  </Button>
                  <Button
                    size="small"
                    type="text"
                    disabled={busy === m.id}
                    onClick={() => void reply(m, { answer: 'snooze', minutes: SNOOZE_MIN })}
                  >
                    In {SNOOZE_MIN} min
                  </Button>
                </span>
              )}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
};
