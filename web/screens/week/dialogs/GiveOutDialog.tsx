import type { Break, Feed, Group, Kept, Person, Week } from '@kotabi/core/model';
import type { Frame, LocalNow } from '@kotabi/core/schedule';
import { useQueryClient } from '@tanstack/react-query';
import { Button, Checkbox, Modal, Switch } from 'antd';
import { BookOpen, Download, Printer } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { messageOf, request } from '../../../api/client';
import { useOutside } from '../../../api/outside';
import { useFeeds, useGroups, usePut } from '../../../api/queries';
import { AddressRow } from '../../../fields/AddressRow';
import { NumberField } from '../../../fields/NumberField';
import { WhoseSelect } from '../../../fields/WhoseSelect';
import { useMessages } from '../../../shell/messages';
import type { GivenNow } from '../../../week/useGiven';
import dialog from './dialogs.module.css';
import { GivePart } from './GivePart';
import { PagesPart } from './PagesPart';

interface Props {
  group: Group;
  people: readonly Person[];
  week: Week;
  saved: boolean;
  frame: Frame;
  now: LocalNow;
  breaks: readonly Kept<Break>[];
  given: GivenNow;
  close: () => void;
}

/** Giving the week out: files, a printed page, calendar addresses, and reminders. */
export const GiveOutDialog = ({ group, people, week, saved, close, ...about }: Props) => {
  const feeds = useFeeds(group.id);
  const groups = useGroups();
  const putGroup = usePut<Group>('groups');
  const client = useQueryClient();
  const outside = useOutside();
  const { message } = useMessages();
  const [whose, setWhose] = useState<string | null>(null);
  const [alarmMin, setAlarmMin] = useState<number | null>(5);
  const [takesTime, setTakesTime] = useState(false);
  const [lengthMin, setLengthMin] = useState<number | null>(null);
  const kept = groups.data?.find((g) => g.value.id === group.id);
  const doing = async (work: () => Promise<unknown>): Promise<void> => {
    try {
      await work();
      await client.invalidateQueries({ queryKey: ['feeds'] });
    } catch (error) {
      message.error(messageOf(error));
    }
  };
  const person = week.personId === null ? '' : `&personId=${week.personId}`;
  const base = `/api/groups/${group.id}/weeks/${week.startDate}`;
  const alarm = alarmMin === null ? '' : `alarm=${alarmMin}`;
  const setReminders = (reminders: Group['reminders']): void => {
    if (kept)
      putGroup.mutate(
        { baseVersion: kept.version, value: { ...kept.value, reminders } },
        { onError: (error) => message.error(messageOf(error)) },
      );
  };
  const reminders = kept?.value.reminders ?? null;
  const nameOf = ({ personId }: Feed): string =>
    personId === null ? `All of ${group.name}` : (people.find((p) => p.id === personId)?.name ?? 'someone');
  return (
    <Modal open width={680} title="Give the week out" onCancel={close} footer={null}>
      <GivePart group={group} people={people} week={week} saved={saved} {...about} />
      <h3>On paper and as a file</h3>
      <div className="bar">
        <Button icon={<Download size={16} />} disabled={!saved} href={`${base}/calendar?${alarm}${person}`}>
          Calendar file
        </Button>
        <Button icon={<Download size={16} />} disabled={!saved} href={`${base}/table?${person.slice(1)}`}>
          Table (CSV)
        </Button>
        <Button
          icon={<BookOpen size={16} />}
          disabled={!saved}
          href={`${base}/booklet?${person.slice(1)}`}
          target="_blank"
        >
          Booklet (PDF)
        </Button>
        <Link
          to={`/print/week/${group.id}/${week.startDate}${week.personId ? `?person=${week.personId}` : ''}`}
          target="_blank"
        >
          <Button icon={<Printer size={16} />} disabled={!saved}>
            Page to print
          </Button>
        </Link>
      </div>
      <PagesPart group={group} people={people} />
      <h3>Calendar addresses</h3>
      <p className="muted small">
        Whoever has the address sees the breaks as they were given out last. Nobody can guess it; taken back,
        it works no more.
      </p>
      <ul className={dialog.calendars}>
        {(feeds.data ?? []).map((f) => (
          <li key={f.token}>
            <span>
              <b>{nameOf(f)}</b>{' '}
              <span className="muted small">
                {[
                  f.alarmMin === null ? 'no reminder' : `reminds ${f.alarmMin} min before`,
                  f.busy ? 'shows as busy' : 'shows as free',
                  ...(f.lengthMin === null ? [] : [`entries of ${f.lengthMin} min`]),
                ].join(' · ')}
              </span>
              <AddressRow
                name={nameOf(f)}
                address={`${outside.address}/calendars/${f.token}.ics`}
                gone="Calendars that follow it are told that it is gone."
                takeBack={() => void doing(() => request('DELETE', `/api/feeds/${f.token}`))}
              />
            </span>
          </li>
        ))}
      </ul>
      <div className="bar">
        <WhoseSelect label="For whom" people={people} value={whose} set={setWhose} />
        <NumberField
          name="Reminder before the start"
          className={dialog.before}
          min={0}
          max={120}
          unit="min before"
          placeholder="no reminder"
          value={alarmMin}
          change={setAlarmMin}
          clear={() => setAlarmMin(null)}
        />
        <Button
          onClick={() =>
            doing(() =>
              request('POST', `/api/groups/${group.id}/feeds`, {
                personId: whose,
                alarmMin,
                busy: takesTime,
                lengthMin,
              }),
            )
          }
        >
          Make an address
        </Button>
      </div>
      <div className={`bar ${dialog.wishes}`}>
        <Checkbox checked={takesTime} onChange={(e) => setTakesTime(e.target.checked)}>
          its entries show as busy
        </Checkbox>
        <NumberField
          name="Length of an entry"
          className={dialog.before}
          min={1}
          max={120}
          unit="min long"
          placeholder="planned"
          value={lengthMin}
          change={setLengthMin}
          clear={() => setLengthMin(null)}
        />
      </div>
      <p className="muted small">
        {takesTime
          ? 'Busy: while a break runs nobody else finds that time free in the calendar of whoever follows it.'
          : 'Free: a break is there to be seen, and meetings can still be put over it.'}
      </p>
      <h3>Reminders</h3>
      <div className="bar">
        <label htmlFor="reminders">Remind everyone before each break</label>
        <Switch
          id="reminders"
          checked={reminders !== null}
          onChange={(on) => setReminders(on ? { leadMin: 5 } : null)}
        />
        {reminders && (
          <NumberField
            name="Minutes before the break"
            className={dialog.before}
            min={0}
            max={120}
            unit="min before"
            value={reminders.leadMin}
            change={(leadMin) => setReminders({ leadMin })}
          />
        )}
        <span className="grow" />
        <Link to="/outbox">Open the outbox</Link>
      </div>
      <p className="muted small">
        Quiet while someone is in a meeting, and at night. They reach people on their own devices or by mail,
        where they asked for it; the outbox has all of them.
      </p>
    </Modal>
  );
};
