import type { CalendarSource, Group, Person } from '@kotabi/core/model';
import { CalendarSource as Source } from '@kotabi/core/model';
import { useQueryClient } from '@tanstack/react-query';
import { Button, Checkbox, Input, Modal, Popconfirm, Select, Upload } from 'antd';
import dayjs from 'dayjs';
import relativeTime from 'dayjs/plugin/relativeTime';
import { RefreshCw, Trash2, Upload as UploadIcon } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { ApiFailure, messageOf, request, sendText } from '../../../api/client';
import { type KeptCalendar, put, useCalendars } from '../../../api/queries';
import { useMessages } from '../../../shell/messages';
import styles from '../../../week/week.module.css';
import dialog from './dialogs.module.css';

dayjs.extend(relativeTime);

const OF_GROUP = 'group';
const INSTRUCTOR = 'instructor';

/** How a calendar stands, in a sentence. */
export const standingText = ({ value, state }: KeptCalendar): string => {
  const copy = state.copiedAt ? `copied ${dayjs(state.copiedAt).fromNow()}` : 'nothing read yet';
  const events = state.copiedAt ? `, ${state.events} event${state.events === 1 ? '' : 's'}` : '';
  if (state.problem)
    return `${state.problem} In use: ${state.copiedAt ? `the copy made ${dayjs(state.copiedAt).fromNow()}` : 'nothing'}.`;
  return `${value.address === null ? 'from a file, ' : ''}${copy}${events}`;
};

/** The calendars a group plans around: subscribed by address or read from a file. */
export const CalendarsDialog = ({
  group,
  people,
  close,
}: {
  group: Group;
  people: readonly Person[];
  close: () => void;
}) => {
  const list = useCalendars(group.id);
  const client = useQueryClient();
  const { message } = useMessages();
  const [name, setName] = useState('');
  const [address, setAddress] = useState('');
  const [whose, setWhose] = useState(OF_GROUP);
  const [keepTitles, setKeepTitles] = useState(false);
  const [inside, setInside] = useState(false);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const again = async (): Promise<void> => {
    await client.invalidateQueries({ queryKey: ['calendars'] });
    await client.invalidateQueries({ queryKey: ['busy'] });
  };
  const source = (more: Partial<CalendarSource>): CalendarSource => ({
    id: nanoid(),
    groupId: group.id,
    personId: whose === OF_GROUP || whose === INSTRUCTOR ? null : whose,
    instructor: whose === INSTRUCTOR,
    name: name.trim() || people.find((p) => p.id === whose)?.name || group.name,
    address: null,
    keepTitles,
    inside,
    ...more,
  });
  const doing = async (work: () => Promise<void>): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      await work();
      await again();
    } catch (error) {
      setProblem(error instanceof ApiFailure ? error.error.message : messageOf(error));
    } finally {
      setBusy(false);
    }
  };
  const subscribe = (): Promise<void> =>
    doing(async () => {
      const parsed = Source.safeParse(source({ address: address.trim() }));
      if (!parsed.success) {
        setProblem(`The address ${parsed.error.issues[0]?.message ?? 'cannot be used'}; it is “${address}”.`);
        return;
      }
      await put('calendars', { baseVersion: 0, value: parsed.data });
      await request('POST', `/api/calendars/${parsed.data.id}/refresh`, {});
      setAddress('');
      setName('');
    });
  /** Reads a file into a new calendar, or into one that is there; a file that cannot be read leaves nothing behind. */
  const readFile = (file: File, into: CalendarSource | null): Promise<void> =>
    doing(async () => {
      const value = into ?? source({ name: name.trim() || file.name.replace(/\.ics$/i, '').slice(0, 60) });
      if (!into) await put('calendars', { baseVersion: 0, value });
      try {
        await sendText(`/api/calendars/${value.id}/file`, file);
        message.success(`“${value.name}” was read.`);
        setName('');
      } catch (error) {
        if (!into) await request('DELETE', `/api/calendars/${value.id}`);
        throw error;
      }
    });
  const refresh = (id: string): Promise<void> =>
    doing(async () => {
      await request('POST', `/api/calendars/${id}/refresh`, {});
    });
  const ownerOf = (c: CalendarSource): string =>
    c.instructor
      ? 'the instructor'
      : (people.find((p) => p.id === c.personId)?.name ?? (c.personId ? 'someone' : 'whole group'));
  return (
    <Modal open width={760} title={`Calendars of ${group.name}`} onCancel={close} footer={null}>
      <p className="muted">
        Kotabi reads when someone is busy and keeps nothing else of an event, unless you ask for the titles. A
        calendar of the whole group counts for its plan; one of a person for that person’s plan and for led
        sessions.
      </p>
      {problem && (
        <p className={styles.overText} role="alert">
          {problem}
        </p>
      )}
      <ul className={dialog.calendars} aria-busy={busy}>
        {(list.data ?? []).map((c) => (
          <li key={c.value.id}>
            <span>
              <b>{c.value.name}</b> <span className="muted">· {ownerOf(c.value)}</span>
              <span className={`small ${c.state.problem ? styles.overText : 'muted'}`}>
                {standingText(c)}
              </span>
            </span>
            {c.value.address === null ? (
              <Upload
                accept=".ics,text/calendar"
                showUploadList={false}
                beforeUpload={(file) => {
                  void readFile(file, c.value);
                  return false;
                }}
              >
                <Button size="small" icon={<UploadIcon size={14} />}>
                  Newer file
                </Button>
              </Upload>
            ) : (
              <Button
                size="small"
                icon={<RefreshCw size={14} />}
                disabled={busy}
                aria-label={`Read ${c.value.name} again`}
                onClick={() => void refresh(c.value.id)}
              >
                Read again
              </Button>
            )}
            <Popconfirm
              title="Take this calendar out?"
              description="Its busy times leave the plan from today on."
              okText="Take out"
              onConfirm={() => doing(() => request('DELETE', `/api/calendars/${c.value.id}`))}
            >
              <Button
                size="small"
                type="text"
                danger
                aria-label={`Take out ${c.value.name}`}
                icon={<Trash2 size={14} />}
              />
            </Popconfirm>
          </li>
        ))}
        {list.data?.length === 0 && (
          <li className="muted">No calendar yet. Add one below, or draw busy times by hand.</li>
        )}
      </ul>
      <h3>Add a calendar</h3>
      <div className={dialog.addCalendar}>
        <Input
          aria-label="Name of the calendar"
          placeholder="name (optional)"
          maxLength={60}
          value={name}
          onChange={(e) => setName(e.target.value)}
        />
        <Select
          aria-label="Whose calendar"
          value={whose}
          onChange={setWhose}
          options={[
            { value: OF_GROUP, label: 'of the whole group' },
            { value: INSTRUCTOR, label: 'my own, as instructor' },
            ...people.map((p) => ({ value: p.id, label: `of ${p.name}` })),
          ]}
        />
        <Checkbox checked={keepTitles} onChange={(e) => setKeepTitles(e.target.checked)}>
          keep the titles
        </Checkbox>
        <Checkbox
          checked={inside}
          onChange={(e) => setInside(e.target.checked)}
          style={{ gridColumn: '1 / -1' }}
        >
          the address is inside our own network, and may be read there
        </Checkbox>
        <Input
          aria-label="Address of the calendar"
          placeholder="https://… .ics"
          value={address}
          onChange={(e) => setAddress(e.target.value)}
          onPressEnter={() => void subscribe()}
          style={{ gridColumn: '1 / 3' }}
        />
        <span className="bar">
          <Button type="primary" disabled={address.trim() === '' || busy} onClick={() => void subscribe()}>
            Subscribe
          </Button>
          <Upload
            accept=".ics,text/calendar"
            showUploadList={false}
            beforeUpload={(file) => {
              void readFile(file, null);
              return false;
            }}
          >
            <Button icon={<UploadIcon size={15} />} disabled={busy}>
              Read a file
            </Button>
          </Upload>
        </span>
      </div>
    </Modal>
  );
};
