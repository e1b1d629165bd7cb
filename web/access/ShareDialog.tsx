import type { May, Shared, Shares } from '@kotabi/core/model';
import { useQuery } from '@tanstack/react-query';
import { Button, Modal, Select } from 'antd';
import { X } from 'lucide-react';
import { useState } from 'react';
import { messageOf, request } from '../api/client';
import { queryClient } from '../api/queries';
import { useMessages } from '../shell/messages';
import { Waiting } from '../shell/State';
import styles from './access.module.css';

const MAY = [
  { value: 'look' as const, label: 'may look at it' },
  { value: 'edit' as const, label: 'may change it' },
];

interface Props {
  kind: Shared;
  id: string;
  name: string;
  onClose: () => void;
}

/** With whom a group or a break is shared. */
export const ShareDialog = ({ kind, id, name, onClose }: Props) => {
  const { message } = useMessages();
  const [chosen, setChosen] = useState<string | null>(null);
  const key = ['shares', kind, id];
  const shares = useQuery({
    queryKey: key,
    queryFn: () => request<Shares>('GET', `/api/shares/${kind}/${id}`),
  });
  const set = async (accountId: string, may: May | null): Promise<void> => {
    try {
      const path = `/api/shares/${kind}/${id}/${accountId}`;
      await (may ? request('PUT', path, { may }) : request('DELETE', path));
      setChosen(null);
    } catch (error) {
      message.error(messageOf(error));
    } finally {
      await queryClient.invalidateQueries({ queryKey: key });
    }
  };
  const { data } = shares;
  return (
    <Modal
      open
      title={`Share “${name}”`}
      onCancel={onClose}
      footer={
        <Button type="primary" onClick={onClose}>
          Done
        </Button>
      }
    >
      {!data && <Waiting error={shares.error} retry={() => void shares.refetch()} />}
      {data && !data.mine && <p>It belongs to {data.owner}, who shares it with you.</p>}
      {data?.mine && (
        <>
          <p className="muted" style={{ marginBottom: 12 }}>
            {kind === 'groups'
              ? 'A colleague sees the people with their limits and notes as well, and the weeks: ask the people first. Their breaks of this group are seen by both of you. Only you can delete it.'
              : 'A colleague sees the break and your own moves in it. Only you can delete it.'}
          </p>
          <ul className={styles.list} aria-label="Shared with">
            {data.list.map((share) => (
              <li key={share.accountId}>
                <b>{share.name}</b>
                <Select
                  aria-label={`What ${share.name} may do`}
                  value={share.may}
                  options={MAY}
                  onChange={(may) => void set(share.accountId, may)}
                />
                <Button
                  type="text"
                  aria-label={`Stop sharing with ${share.name}`}
                  icon={<X size={16} />}
                  onClick={() => void set(share.accountId, null)}
                />
              </li>
            ))}
            {data.list.length === 0 && <li className="muted">With nobody yet.</li>}
          </ul>
          {data.colleagues.length > 0 ? (
            <div className={styles.add}>
              <Select
                aria-label="Colleague"
                placeholder="a colleague"
                value={chosen}
                onChange={setChosen}
                options={data.colleagues.map((c) => ({ value: c.id, label: c.name }))}
              />
              <Button disabled={!chosen} onClick={() => chosen && void set(chosen, 'look')}>
                Share to look at
              </Button>
            </div>
          ) : (
            <p className="muted">There is no other colleague to share it with.</p>
          )}
        </>
      )}
    </Modal>
  );
};
