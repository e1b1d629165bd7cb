import type { Backup } from '@kotabi/core/model';
import { Button } from 'antd';
import { DatabaseBackup, ListChecks, Users } from 'lucide-react';
import { type ReactNode, Suspense, useState } from 'react';
import { useNavigate } from 'react-router';
import { messageOf, request } from '../../api/client';
import { queryClient, useBackups, useMe, useRoles, useUnreadable } from '../../api/queries';
import { later } from '../../later/later';
import { useMessages } from '../../shell/messages';
import { Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import { AllMyWork } from './AllMyWork';
import styles from './data.module.css';
import { moment, size } from './words';

const LookDialog = later(async () => (await import('./LookDialog')).LookDialog);

/** Where everything is kept, its backups, all of one’s own work as a file, and what cannot be read. */
export const DataScreen = () => {
  useTitle('Data');
  const me = useMe();
  const { keeper, instructor } = useRoles();
  if (!me.data) return <Waiting error={me.error} retry={() => void me.refetch()} />;
  return (
    <div className="page">
      <div className="bar">
        <h1>Data</h1>
        <span className="grow" />
        {keeper && <LinkButton to="/accounts" icon={<Users size={16} />} text="Accounts" />}
        <LinkButton to="/deeds" icon={<ListChecks size={16} />} text="What was done" />
      </div>
      <div className={styles.columns}>
        {keeper && <BackupList />}
        <div className={styles.side}>
          {instructor && <AllMyWork />}
          {instructor && <Unread />}
        </div>
      </div>
    </div>
  );
};

const LinkButton = ({ to, icon, text }: { to: string; icon: ReactNode; text: string }) => {
  const navigate = useNavigate();
  return (
    <Button
      icon={icon}
      href={to}
      onClick={(e) => {
        e.preventDefault();
        navigate(to);
      }}
    >
      {text}
    </Button>
  );
};

const BackupList = () => {
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
    <section className={`card ${styles.part}`} aria-label="Backups">
      <div className="bar">
        <h2>Backups</h2>
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
      <p className="muted">
        Made by themselves once a day while Kotabi runs. All of today stay, then the last one of each day for
        two weeks, then the last one of each week for half a year. What is kept about people is sealed in them
        as it is in the database: they are of no use without the key, which is in neither of the places below.
      </p>
      {list.length === 0 ? (
        <p>None yet. Make the first one now; it takes a moment, and work can go on meanwhile.</p>
      ) : (
        <table className="list">
          <thead>
            <tr>
              <th>Made</th>
              <th className={styles.number}>Size</th>
              <td />
            </tr>
          </thead>
          <tbody>
            {list.map((backup) => (
              <tr key={backup.name}>
                <td>{moment(backup.madeAt, true)}</td>
                <td className={styles.number}>{size(backup.bytes)}</td>
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
      <dl className={styles.places}>
        <dt>Database</dt>
        <dd>{database}</dd>
        <dt>Backups</dt>
        <dd>{folder}</dd>
      </dl>
      <Suspense>{looked && <LookDialog backup={looked} onClose={() => setLooked(null)} />}</Suspense>
    </section>
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
