import { type Kept, Measure, type Person } from '@kotabi/core/model';
import { useQuery } from '@tanstack/react-query';
import { Button, Input, Select } from 'antd';
import dayjs from 'dayjs';
import { ArrowLeft } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useMemo } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { useStore } from 'zustand';
import { messageOf, request } from '../../api/client';
import { useGroups, useMeasures, usePeople, usePut } from '../../api/queries';
import { changer } from '../../document/change';
import { createDocument } from '../../document/document';
import { SaveNote } from '../../document/SaveNote';
import { type DocumentKind, useDocument } from '../../document/useDocument';
import { useMessages } from '../../shell/messages';
import { Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import { measureText } from '../../words/measure';
import { Compare } from './Compare';
import styles from './measure.module.css';
import { ReachPart } from './ReachPart';
import { TensionPart } from './TensionPart';

const kind: DocumentKind<Measure> = {
  name: 'measures',
  read: (value) => Measure.parse(value),
  called: () => 'the measure',
  byItself: true,
};

const GROUP = '';

/** What is measured of a group or a person, before and after a break: one screen, one person at a time. */
export const MeasureScreen = () => {
  const { groupId = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const navigate = useNavigate();
  const sessionId = search.get('session');
  const personId = search.get('person');
  const groups = useGroups();
  const people = usePeople(groupId);
  const measures = useMeasures(groupId);
  const session = useQuery({
    enabled: sessionId !== null,
    queryKey: ['sessions', sessionId],
    queryFn: () =>
      request<Kept<{ breakName: string; startedAt: string }>>('GET', `/api/sessions/${sessionId}`),
  });
  useTitle('Measure');
  const group = groups.data?.find((g) => g.value.id === groupId)?.value;
  if (!groups.data || !people.data || !measures.data || (sessionId !== null && !session.data))
    return (
      <Waiting
        error={groups.error ?? people.error ?? measures.error ?? session.error}
        retry={() => void measures.refetch()}
      />
    );
  const led = session.data?.value;
  const asked = people.data.map((p) => p.value).filter((p) => p.measuring);
  const notAsked = people.data.filter((p) => !p.value.measuring);
  const person = asked.find((p) => p.id === personId) ?? null;
  const mine = measures.data.filter((m) => m.value.personId === (person?.id ?? null));
  const go = (id: string): void => {
    const next = new URLSearchParams(search);
    if (id === GROUP) next.delete('person');
    else next.set('person', id);
    setSearch(next);
  };
  const at = asked.findIndex((p) => p.id === person?.id);
  const following = asked[at + 1];
  return (
    <div className="page">
      <div className="bar">
        <Button
          type="text"
          icon={<ArrowLeft size={17} />}
          onClick={() => navigate(sessionId ? `/log/${sessionId}` : `/trends/${groupId}`)}
        >
          {sessionId ? 'Record' : 'What it shows'}
        </Button>
        <h1>{person?.name ?? group?.name ?? ''}</h1>
        <span className="muted">
          {led
            ? `at “${led.breakName}”, ${dayjs(led.startedAt).format('D MMMM, HH:mm')}`
            : dayjs().format('D MMMM YYYY')}
        </span>
        <span className="grow" />
        <Select
          aria-label="Of whom"
          style={{ width: 190 }}
          value={person?.id ?? GROUP}
          options={[
            { value: GROUP, label: 'the whole group' },
            ...asked.map((p) => ({ value: p.id, label: p.name })),
          ]}
          onChange={go}
        />
        {following && (
          <Button type="primary" onClick={() => go(following.id)}>
            Next: {following.name}
          </Button>
        )}
      </div>
      <OneMeasure
        key={`${sessionId} ${person?.id}`}
        groupId={groupId}
        person={person}
        sessionId={sessionId}
        takenAt={led?.startedAt ?? null}
        kept={
          mine.find((m) => m.value.sessionId === sessionId && (sessionId !== null || isToday(m.value))) ??
          null
        }
        earlier={mine}
      />
      {notAsked.length > 0 && <NotAsked people={notAsked} />}
    </div>
  );
};

/** Whoever has not been asked yet: what was agreed to before did not speak of measures. */
const NotAsked = ({ people }: { people: readonly Kept<Person>[] }) => {
  const put = usePut<Person>('people');
  const { message } = useMessages();
  return (
    <section className={`card ${styles.part}`} aria-label="Not asked yet">
      <h2>Not asked yet</h2>
      <p className="muted small">
        Of them nothing is measured. What people agreed to before was limits and notes: ask again before you
        keep measures, say what for, and that they can take it back.
      </p>
      <ul className={styles.earlier}>
        {people.map(({ value, version }) => (
          <li key={value.id}>
            {value.name}{' '}
            {value.consent ? (
              <Button
                size="small"
                type="link"
                onClick={() =>
                  put.mutate(
                    { baseVersion: version, value: { ...value, measuring: true } },
                    { onError: (error) => message.error(messageOf(error)) },
                  )
                }
              >
                has agreed now
              </Button>
            ) : (
              <Link to={`/people/${value.groupId}`}>has not agreed to anything</Link>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
};

const isToday = ({ takenAt }: Measure): boolean => dayjs(takenAt).isSame(dayjs(), 'day');

const OneMeasure = ({
  groupId,
  person,
  sessionId,
  takenAt,
  kept,
  earlier,
}: {
  groupId: string;
  person: Person | null;
  sessionId: string | null;
  takenAt: string | null;
  kept: Kept<Measure> | null;
  earlier: readonly Kept<Measure>[];
}) => {
  const fresh = useMemo(
    () =>
      Measure.parse({
        id: nanoid(),
        groupId,
        personId: person?.id ?? null,
        sessionId,
        takenAt: takenAt ?? new Date().toISOString(),
      }),
    [groupId, person, sessionId, takenAt],
  );
  const document = useDocument(kind, kept?.value.id ?? fresh.id, kept, () =>
    createDocument<Measure>(kept ? { kept } : { fresh }),
  );
  if (!document) return null;
  return <Opened document={document} person={person} earlier={earlier} />;
};

const Opened = ({
  document,
  person,
  earlier,
}: {
  document: ReturnType<typeof createDocument<Measure>>;
  person: Person | null;
  earlier: readonly Kept<Measure>[];
}) => {
  const { value, edit } = useStore(document);
  const change = changer<Measure>(edit);
  const others = earlier.map((m) => m.value).filter((m) => m.id !== value.id);
  return (
    <>
      <div className={styles.screen}>
        <TensionPart measure={value} change={change} />
        <div className={styles.column}>
          <ReachPart measure={value} person={person} earlier={others} change={change} />
          <Compare measure={value} change={change} />
          <section className={`card ${styles.part}`} aria-label="Note">
            <label htmlFor="m-note">
              <h2>Note</h2>
            </label>
            <Input.TextArea
              id="m-note"
              rows={2}
              maxLength={300}
              value={value.note}
              onChange={(e) => change('note', { note: e.target.value }, 'note')}
            />
            <SaveNote
              document={document}
              what="measure"
              fresh="Kept as soon as something is entered."
              theirs={() => request<Kept<Measure>>('GET', `/api/measures/${value.id}`)}
            />
          </section>
        </div>
      </div>
      {others.length > 0 && (
        <section className={`card ${styles.part}`} aria-label="Measured before">
          <h2>Measured before</h2>
          <ul className={styles.earlier}>
            {others.slice(0, 5).map((m) => (
              <li key={m.id}>
                {dayjs(m.takenAt).format('D MMM')}: {measureText(m)}
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
};
