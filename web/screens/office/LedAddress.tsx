import type { LedFeed } from '@kotabi/core/model';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { Rss } from 'lucide-react';
import { messageOf, request } from '../../api/client';
import { useOutside } from '../../api/outside';
import { AddressRow } from '../../fields/AddressRow';
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
  const outside = useOutside();
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
  return (
    <span className={styles.address}>
      <AddressRow
        name="what you lead"
        address={`${outside.address}/calendars/${feed.token}.ics`}
        gone="Calendars that follow it are told that it is gone."
        takeBack={() => doing(() => request('DELETE', `/api/led-feeds/${feed.token}`))}
      />
    </span>
  );
};
