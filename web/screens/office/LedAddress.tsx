import type { LedFeed } from '@kotabi/core/model';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Popconfirm } from 'antd';
import { Copy, Rss } from 'lucide-react';
import { messageOf, request } from '../../api/client';
import { useMessages } from '../../shell/messages';
import styles from './office.module.css';

const KEY = ['led-feeds'];

/** The calendar address of what one leads: made, copied, taken back. */
export const LedAddress = () => {
  const { data: list } = useQuery({
    queryKey: KEY,
    queryFn: () => request<LedFeed[]>('GET', '/api/led-feeds'),
  });
  const client = useQueryClient();
  const { message } = useMessages();
  const doing = (work: () => Promise<unknown>): void => {
    work()
      .then(() => client.invalidateQueries({ queryKey: KEY }))
      .catch((error: unknown) => message.error(messageOf(error)));
  };
  const [feed] = list ?? [];
  if (!list) return null;
  if (!feed)
    return (
      <Button
        size="small"
        icon={<Rss size={14} />}
        title="What you lead, of all groups, as it was given out"
        onClick={() => doing(() => request('POST', '/api/led-feeds', {}))}
      >
        Make a calendar address
      </Button>
    );
  const address = `${location.origin}/calendars/${feed.token}.ics`;
  return (
    <span className={styles.address}>
      <input
        readOnly
        aria-label="Calendar address of what you lead"
        value={address}
        onFocus={(e) => e.target.select()}
      />
      <Button
        size="small"
        icon={<Copy size={14} />}
        onClick={() => {
          navigator.clipboard
            .writeText(address)
            .then(() => message.success('Copied.'))
            .catch(() => message.info('Choose the address and copy it by hand.'));
        }}
      >
        Copy
      </Button>
      <Popconfirm
        title="Take this address back?"
        description="Calendars that follow it are told that it is gone."
        okText="Take back"
        onConfirm={() => doing(() => request('DELETE', `/api/led-feeds/${feed.token}`))}
      >
        <Button size="small" type="text" danger>
          Take back
        </Button>
      </Popconfirm>
    </span>
  );
};
