import { notReady } from '@kotabi/core/given';
import type { Break, Group, Kept, Person, Week } from '@kotabi/core/model';
import { type Frame, type LocalNow, plannedBreaks } from '@kotabi/core/schedule';
import { useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { Send, Undo2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { messageOf, request } from '../../../api/client';
import { fetchWeek, useMoves, useWeeks } from '../../../api/queries';
import { useMessages } from '../../../shell/messages';
import type { GivenNow } from '../../../week/useGiven';
import { givenAtText, givenChangeText, givenCountText, notReadyText } from '../../../words/given';
import dialog from './dialogs.module.css';

interface Props {
  group: Group;
  people: readonly Person[];
  week: Week;
  frame: Frame;
  now: LocalNow;
  breaks: readonly Kept<Break>[];
  given: GivenNow;
  saved: boolean;
}

const MOST_SHOWN = 8;

/** For whom the week counts: a person, or everyone of the group who has no week of their own. */
const forWhom = (
  group: Group,
  people: readonly Person[],
  week: Week,
  weeks: readonly Kept<Week>[],
): string => {
  if (week.personId !== null) return people.find((p) => p.id === week.personId)?.name ?? 'one person';
  const own = people.filter((p) =>
    weeks.some((w) => w.value.personId === p.id && w.value.startDate === week.startDate),
  );
  const others = people.filter((p) => !own.includes(p)).map((p) => p.name);
  const all = others.length === people.length || others.length === 0;
  return `${all ? `all of ${group.name}` : others.join(', ')}${own.length > 0 ? `; not for ${own.map((p) => p.name).join(', ')}, who ${own.length === 1 ? 'has a week of their own' : 'have weeks of their own'}` : ''}`;
};

/** Giving the week out: what changes for whom, what is not ready, one press, and one press to take it back. */
export const GivePart = ({ group, people, week, frame, now, breaks, given, saved }: Props) => {
  const { state, changes } = given;
  const { lookup } = useMoves();
  const weeks = useWeeks(group.id).data ?? [];
  const client = useQueryClient();
  const { message } = useMessages();
  const [busy, setBusy] = useState(false);
  const byId = useMemo(() => new Map(breaks.map((b) => [b.value.id, b.value])), [breaks]);
  const takingPart = week.personId === null ? people : people.filter((p) => p.id === week.personId);
  const open = notReady(week, { group, frame, people: takingPart, breaks: byId, lookup, now });
  const nameOf = (id: string | null): string =>
    (id === null ? undefined : byId.get(id)?.name) ?? 'break not chosen yet';
  const doing = async (work: () => Promise<unknown>, done: string): Promise<void> => {
    setBusy(true);
    try {
      await work();
      await client.invalidateQueries({ queryKey: ['given'] });
      message.success(done);
    } catch (error) {
      message.error(messageOf(error));
    } finally {
      setBusy(false);
    }
  };
  const give = (): Promise<void> =>
    doing(async () => {
      const kept = await fetchWeek(group.id, week.personId, week.startDate);
      if (!kept) throw new Error('This week has not been kept yet.');
      await request('POST', `/api/weeks/${week.id}/given`, { version: kept.version });
    }, 'Given out.');
  const empty = plannedBreaks(week).length === 0 && state === null;
  return (
    <section className={dialog.give} aria-label="Give out">
      <p>
        {state ? (
          <>
            <b>Given out on {givenAtText(state.givenAt)}.</b>{' '}
            {changes.length === 0
              ? 'Nothing has changed since.'
              : `Changed since: ${givenCountText(changes)}.`}
          </>
        ) : (
          <>
            <b>A draft.</b> Calendars and reminders show nothing of it until it is given out.
          </>
        )}{' '}
        For {forWhom(group, people, week, weeks)}.
      </p>
      {changes.length > 0 && state && (
        <ul className={dialog.changes}>
          {changes.slice(0, MOST_SHOWN).map((c) => (
            <li key={c.id}>{givenChangeText(c, nameOf)}</li>
          ))}
          {changes.length > MOST_SHOWN && <li className="muted">and {changes.length - MOST_SHOWN} more</li>}
        </ul>
      )}
      {open.length > 0 && (
        <ul className={dialog.notReady} aria-label="Not ready">
          {open.map((o) => (
            <li key={notReadyText(o)}>{notReadyText(o)}</li>
          ))}
        </ul>
      )}
      <div className="bar">
        <Button
          type="primary"
          icon={<Send size={16} />}
          loading={busy}
          disabled={!saved || empty || (state !== null && changes.length === 0)}
          onClick={() => void give()}
        >
          {state ? 'Give out the changes' : 'Give out'}
        </Button>
        {state && (
          <>
            {/* One press: nothing is lost, and giving out again brings it back. */}
            <Button
              icon={<Undo2 size={16} />}
              disabled={busy}
              onClick={() =>
                void doing(() => request('DELETE', `/api/weeks/${week.id}/given`), 'Taken back.')
              }
            >
              Take back
            </Button>
            <span className="muted small">
              Taken back, {state.hasBefore ? 'what was given out before counts' : 'it is a draft'} again; what
              you plan stays, and calendars are told.
            </span>
          </>
        )}
        {empty && <span className="muted small">Nothing is planned yet.</span>}
      </div>
    </section>
  );
};
