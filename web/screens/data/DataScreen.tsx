import type { Backup } from '@kotabi/core/model';
import { Button } from 'antd';
import { DatabaseBackup } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { messageOf, request } from '../../api/client';
import { queryClient, useBackups, useUnreadable } from '../../api/queries';
import { useMessages } from '../../shell/messages';
import { Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import styles from './data.module.css';
import { moment, size } from './words';

const LookDialog = lazy(() => import('./LookDialog').then((m) => ({ default: m.LookDialog })));

/** Where everything is kept, its backups, and what cannot be read. */
export const DataScreen = () => {
  useTitle('Data');
  const backups = useBackups();
  const { message } = useMessages();
  const [busy, setBusy] = useState(false);
  const [looked, setLooked] = useState<Backup | null>(null);
  if (!backups.data) return <Waiting error={backups.error} retry={() => void backups.refetch()} />;
  const { database, folder, list } = backups.data;
  const backUp = async (): Promise<void> => {
    setBusy(true);
    try {
      const { bytes } = await request<Backup>('POST', '/api/backups');
      message.success(`Backed up: ${size(bytes)}, read back and sound.`);
    } catch (error) {
      message.error(messageOf(error));
    } finally {
      setBusy(false);
      await queryClient.invalidateQueries({ queryKey: ['backups'] });
    }
  };
  return (
    <div className="page">
      <div className="bar">
        <h1>Data</h1>
        <span className="grow" />
        <Button
          type="primary"
          icon={<DatabaseBackup size={17} />}
          loading={busy}
          onClick={() => void backUp()}
        >
          Back up now
        </Button>
      </div>
      <div className={styles.columns}>
        <section className={`card ${styles.part}`} aria-label="Backups">
          <h2>Backups</h2>
          <p className="muted">
            Made by themselves once a day while Kotabi runs. All of today stay, then the last one of each day
            for two weeks, then the last one of each week for half a year.
          </p>
          {list.length === 0 ? (
            <p>None yet. Make the first one now; it takes a moment, and work can go on meanwhile.</p>
          ) : (
            <table className="list">
              <thead>
                <tr>
                  <th>Made</th>
                  <th>Size</th>
                  <td />
                </tr>
              </thead>
              <tbody>
                {list.map((backup) => (
                  <tr key={backup.name}>
                    <td>{moment(backup.madeAt)}</td>
                    <td>{size(backup.bytes)}</td>
                    <td className={styles.actions}>
                      <Button size="small" onClick={() => setLooked(backup)}>
                        Look into it
                      </Button>
                      <Button size="small" type="text" href={`/api/backups/${backup.name}/file`} download>
                        Take it away
                      </Button>
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
        </section>
        <div className={styles.side}>
          <section className={`card ${styles.part}`} aria-label="Where it is kept">
            <h2>Where it is kept</h2>
            <dl className={styles.places}>
              <dt>Database</dt>
              <dd>{database}</dd>
              <dt>Backups</dt>
              <dd>{folder}</dd>
            </dl>
            <p className="muted small">
              A backup holds everything, limits of people too: keep it as safe as this machine, and best on
              another disk as well. Nothing of it leaves this machine by itself.
            </p>
          </section>
          <Unread />
        </div>
      </div>
      <Suspense>{looked && <LookDialog backup={looked} onClose={() => setLooked(null)} />}</Suspense>
    </div>
  );
};

const Unread = () => {
  const { data, error } = useUnreadable();
  return (
    <section className={`card ${styles.part}`} aria-label="What cannot be read">
      <h2>What cannot be read</h2>
      {error && <p>{messageOf(error)}</p>}
      {data?.length === 0 && <p className="muted">Nothing: all that is kept can be read.</p>}
      {data && data.length > 0 && (
        <>
          <p className="muted">
            Damaged, or kept by a newer Kotabi. It is not shown among the others, was not changed, and can be
            taken away as it is.
          </p>
          <ul className={styles.unread}>
            {data.map((one) => (
              <li key={`${one.kind} ${one.id}`}>
                <span>
                  <b>{one.name || 'without a name'}</b>
                  <span className="muted small">
                    {one.kind}, changed {moment(one.updatedAt)}
                  </span>
                </span>
                <Button size="small" href={`/api/unreadable/${one.kind}/${one.id}`} download>
                  Take it away
                </Button>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
};
