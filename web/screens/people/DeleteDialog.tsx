import type { NamedText, Person } from '@kotabi/core/model';
import { useQuery } from '@tanstack/react-query';
import { Button, Checkbox, Modal } from 'antd';
import { useState } from 'react';
import { messageOf, request } from '../../api/client';
import { queryClient } from '../../api/queries';
import { useMessages } from '../../shell/messages';
import styles from './people.module.css';

interface KeptAbout {
  texts: NamedText[];
  weeks: unknown[];
  answers: unknown[];
  measures: unknown[];
  calendars: unknown[];
  addresses: unknown[];
  devices: unknown[];
}

const WHERE: Record<NamedText['kind'], string> = {
  group: 'the group',
  break: 'the break',
  move: 'your move',
  week: 'a week',
  calendar: 'the calendar',
  session: 'the record of',
  measure: 'what was measured',
};
const keyOf = (t: NamedText): string => `${t.kind} ${t.id} ${t.path}`;
const many = (n: number, one: string, more = `${one}s`): string => `${n} ${n === 1 ? one : more}`;

/** Deletes a person: tells what goes with them, and offers each text in which their name stands. */
export const DeleteDialog = ({ person, close }: { person: Person; close: () => void }) => {
  const { message } = useMessages();
  const [stays, setStays] = useState<ReadonlySet<string>>(new Set());
  const [busy, setBusy] = useState(false);
  const { data, error } = useQuery({
    queryKey: ['people', person.id, 'kept'],
    queryFn: () => request<KeptAbout>('GET', `/api/people/${person.id}/kept`),
    staleTime: 0,
    gcTime: 0,
  });
  // In the notes of the log the name always goes; everything else is looked at one by one.
  const notes = data?.texts.filter((t) => t.kind === 'session') ?? [];
  const others = data?.texts.filter((t) => t.kind !== 'session') ?? [];
  const remove = async (): Promise<void> => {
    setBusy(true);
    try {
      const places = others.filter((t) => !stays.has(keyOf(t)));
      if (places.length > 0) await request('POST', `/api/people/${person.id}/forget`, { places });
      await request('DELETE', `/api/people/${person.id}`);
      await queryClient.invalidateQueries();
      message.success(`${person.name} is deleted.`);
      close();
    } catch (failure) {
      message.error(messageOf(failure));
      setBusy(false);
    }
  };
  const goes = data && [
    'what is noted about them',
    data.weeks.length > 0 && many(data.weeks.length, 'week of their own', 'weeks of their own'),
    data.answers.length > 0 && many(data.answers.length, 'answer to reminders', 'answers to reminders'),
    data.measures.length > 0 && many(data.measures.length, 'measure'),
    data.calendars.length > 0 && many(data.calendars.length, 'calendar'),
    data.devices.length > 0 &&
      many(data.devices.length, 'device that is reminded', 'devices that are reminded'),
    data.addresses.length > 0 && many(data.addresses.length, 'calendar address', 'calendar addresses'),
    notes.length > 0 && `the name in ${many(notes.length, 'text')} of the log`,
  ];
  return (
    <Modal
      open
      title={`Delete ${person.name}?`}
      onCancel={close}
      footer={
        <>
          <Button onClick={close}>Leave it</Button>
          <Button danger type="primary" loading={busy} disabled={!data} onClick={() => void remove()}>
            Delete
          </Button>
        </>
      }
    >
      {error && <p role="alert">{messageOf(error)}</p>}
      {goes && (
        <p>
          With {person.name} go {goes.filter(Boolean).join(', ')}. There is no way back but a backup.
        </p>
      )}
      {others.length > 0 && (
        <>
          <p style={{ margin: '12px 0 6px' }}>
            The name also stands here. What is ticked reads “(someone)” afterwards, in earlier versions too:
          </p>
          <ul className={styles.named}>
            {others.map((text) => (
              <li key={keyOf(text)}>
                <Checkbox
                  checked={!stays.has(keyOf(text))}
                  onChange={({ target }) => {
                    const next = new Set(stays);
                    if (target.checked) next.delete(keyOf(text));
                    else next.add(keyOf(text));
                    setStays(next);
                  }}
                >
                  {WHERE[text.kind]} <b>{text.called}</b>: “{text.text.slice(0, 120)}”
                </Checkbox>
              </li>
            ))}
          </ul>
        </>
      )}
    </Modal>
  );
};
