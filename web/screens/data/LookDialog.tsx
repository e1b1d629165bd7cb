import type { Backup, BackupContent } from '@kotabi/core/model';
import { useQuery } from '@tanstack/react-query';
import { Button, Modal, Popconfirm } from 'antd';
import { useState } from 'react';
import { messageOf, request } from '../../api/client';
import { queryClient } from '../../api/queries';
import { useMessages } from '../../shell/messages';
import styles from './data.module.css';
import { moment } from './words';

/** What is in a backup beside what is there now, and the way to put it back. */
export const LookDialog = ({ backup, onClose }: { backup: Backup; onClose: () => void }) => {
  const { data, error } = useQuery({
    queryKey: ['backups', backup.name],
    queryFn: () => request<BackupContent>('GET', `/api/backups/${backup.name}`),
    staleTime: 0,
  });
  const { message } = useMessages();
  const [busy, setBusy] = useState(false);
  // What there is none of, neither then nor now, says nothing.
  const shown = data?.counts.filter(({ inBackup, now }) => inBackup > 0 || now > 0) ?? [];
  const restore = async (): Promise<void> => {
    setBusy(true);
    try {
      const { before } = await request<{ before: Backup }>('POST', `/api/backups/${backup.name}/restore`);
      await queryClient.invalidateQueries();
      message.success(`Put back. What was there before is a backup as well: ${moment(before.madeAt)}.`, 8);
      onClose();
    } catch (failure) {
      message.error(messageOf(failure));
      setBusy(false);
    }
  };
  return (
    <Modal
      open
      title={`Backup of ${moment(backup.madeAt)}`}
      onCancel={onClose}
      footer={
        <div className={styles.foot}>
          <Popconfirm
            title="Put this in place of everything that is there now?"
            description="What is there now becomes a backup first, so there is a way back."
            okText="Put it back"
            cancelText="Leave it"
            onConfirm={() => void restore()}
          >
            <Button danger loading={busy} disabled={!data}>
              Put it back …
            </Button>
          </Popconfirm>
          <Button type="primary" onClick={onClose}>
            Close
          </Button>
        </div>
      }
    >
      {error && <p role="alert">{messageOf(error)}</p>}
      {!data && !error && <p className="muted">Looking into it …</p>}
      {data && (
        <>
          <p className="muted">
            {data.newestAt ? `The newest change in it is of ${moment(data.newestAt)}.` : 'It is empty.'}
          </p>
          <table className="list">
            <thead>
              <tr>
                <th>What</th>
                <th className={styles.number}>In it</th>
                <th className={styles.number}>Now</th>
              </tr>
            </thead>
            <tbody>
              {shown.map(({ what, inBackup, now }) => (
                <tr key={what}>
                  <td>{what}</td>
                  <td className={styles.number}>{inBackup}</td>
                  <td className={`${styles.number} ${inBackup === now ? '' : styles.differs}`}>{now}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
    </Modal>
  );
};
